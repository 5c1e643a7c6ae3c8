/**
 * Where practitioners disagree: the sides of each question and the side taken while the user has said nothing. The
 * sentences for each side stand in the catalogues; a check that depends on a question says which side it took. Each moves a
 * check, a default or a figure, or is marked as a reminder.
 */
export const SCHOOLS = {
  'weight-hold': { sides: ['free', 'pegged'], usual: 'free' },
  'nose-tie': { sides: ['loop', 'tight'], usual: 'loop' },
  attractor: { sides: ['bare', 'attractor'], usual: 'bare', reminder: true },
  'lure-link': { sides: ['snap', 'ring', 'knot'], usual: 'snap' },
  'spin-link': { sides: ['swivel', 'ring'], usual: 'swivel' },
  'plug-hooks': { sides: ['treble', 'inline'], usual: 'treble' },
  strike: { sides: ['at-once', 'give-line', 'rod-loads'], usual: 'at-once' },
  stretch: { sides: ['direct', 'forgives'], usual: 'direct' },
  'jerk-rod': { sides: ['short', 'long'], usual: 'short' },
  'side-rods': { sides: ['equal', 'longer-outside', 'shorter-outside'], usual: 'longer-outside' },
  'weight-line': { sides: ['wire', 'braid'], usual: 'wire' },
  probe: { sides: ['working-line', 'own-line'], usual: 'working-line', reminder: true },
  'drag-build': { sides: ['star', 'lever'], usual: 'star' },
  'first-read': { sides: ['temperature', 'speed'], usual: 'temperature', reminder: true },
  'hook-colour': { sides: ['plain', 'coloured'], usual: 'plain' },
  'accent-place': { sides: ['front', 'middle', 'tail'], usual: 'tail' },
  pace: { sides: ['steady', 'broken'], usual: 'steady', reminder: true },
  'look-time': { sides: ['time', 'none'], usual: 'time', reminder: true },
  'drive-by': { sides: ['ground', 'sensor'], usual: 'sensor' },
  'spread-depth': { sides: ['in-band', 'through-column'], usual: 'in-band', reminder: true },
  'leader-weight': { sides: ['stout', 'fine'], usual: 'fine' },
  'clutch-hand': { sides: ['firm', 'patient'], usual: 'firm' },
  'wire-tip': { sides: ['swivel', 'rollers', 'rings'], usual: 'swivel' },
  'straight-below': { sides: ['short', 'long'], usual: 'short' },
  gear: { sides: ['low', 'high'], usual: 'high' },
  'fast-leader': { sides: ['wire', 'nylon'], usual: 'wire' },
  'stout-reel': { sides: ['multiplier', 'fixed-spool'], usual: 'multiplier' },
  'fish-weight': { sides: ['heavy-short', 'light-long'], usual: 'heavy-short', reminder: true },
  'attractor-lead': { sides: ['by-mood', 'fixed'], usual: 'by-mood' },
  'fast-dive': { sides: ['deeper', 'hardly'], usual: 'hardly' },
} as const satisfies Record<string, School>;

export interface School {
  readonly sides: readonly string[];
  readonly usual: string;
  /** kept before one's eyes, and moves no figure */
  readonly reminder?: true;
}

export type SchoolId = keyof typeof SCHOOLS;

/** The side that a house takes of a question; the usual one where it has said nothing. */
export const sideTaken = <K extends SchoolId>(
  schools: { readonly [school in SchoolId]?: string | undefined },
  school: K,
): (typeof SCHOOLS)[K]['sides'][number] =>
  (schools[school] ?? SCHOOLS[school].usual) as (typeof SCHOOLS)[K]['sides'][number];
