import { HARDWARE_CLASSES, HARDWARE_SPREAD } from '@/core/tackle/defaults/hardware-classes';
import { HOOK_SPREAD, HOOK_STYLES } from '@/core/tackle/defaults/hook-classes';
import {
  BODY_HEIGHT,
  BODY_HEIGHT_SPREAD,
  BOUNCER,
  LENGTH_CLASS_SPREAD,
  LENGTH_CLASSES,
  POWER_RATINGS,
  REEL_CLASSES,
  ROD_LENGTHS,
  SNELL,
  SPOOL_LENGTHS,
  WORKING_SPEEDS,
} from '@/core/tackle/defaults/part-classes';
import { MATERIALS } from '@/core/tackle/defaults/sink-classes';
import { hookOfClass, hookStep } from '@/core/tackle';
import { parse, type Result } from '../problems';
import type { Quantity } from '../quantity';
import { partSchema, type Part, type PartKind } from '.';

/** What is known of a part before class values fill the rest: its kind and any of its fields. */
export type GivenPart = { readonly kind: PartKind; readonly id: string } & Readonly<Record<string, unknown>>;

/** The part with class values in every field that is needed and was not given. */
export function completePart(given: GivenPart): Result<Part> {
  const classes = classFields(given);
  // The words of a rod's stiffness are given one by one.
  const stiffness = given.kind === 'rod' ? { stiffness: classes['stiffness'] } : {};
  return parse(partSchema, { ...classes, ...given, ...stiffness });
}

const ofClass = <U extends string>(value: number, unit: U, spread?: number): Quantity<U> => ({
  value,
  unit,
  provenance: 'class',
  ...(spread === undefined ? {} : { spread }),
});

const figure = (given: GivenPart, field: string): number | undefined => {
  const held = given[field];
  return typeof held === 'object' && held !== null && 'value' in held && typeof held.value === 'number'
    ? held.value
    : undefined;
};

function classFields(given: GivenPart): Record<string, unknown> {
  switch (given.kind) {
    case 'rod':
      return rodFields(given);
    case 'reel':
      return reelFields(given);
    case 'line':
      return lineFields(given);
    case 'knot':
      return { pattern: 'doubled-eye', shares: {} };
    case 'weight':
      return { material: 'lead', shape: 'bullet', massKg: ofClass(0.01, 'kg') };
    case 'hook':
      return hookFields(given, 'worm-offset', '3/0');
    case 'jig-head':
    case 'skirted-jig':
      return headFields(given);
    case 'bottom-bouncer':
      return { massKg: ofClass(0.03, 'kg'), armM: ofClass(BOUNCER.armM, 'm'), wireM: ofClass(BOUNCER.wireM, 'm') };
    case 'snell':
      return {
        hooks: 2,
        hookSize: '4',
        spacingM: ofClass(SNELL.spacingM, 'm'),
        lengthM: ofClass(SNELL.lengthM, 'm'),
        strengthN: ofClass(SNELL.strengthN, 'N'),
        beads: SNELL.beads,
        blade: 'no-blade',
      };
    case 'hardware':
      return hardwareFields(given);
    case 'soft-bait':
    case 'hard-lure':
    case 'spoon':
    case 'topwater':
    case 'trolled-fly':
    case 'trailer':
    case 'skirt':
    case 'attractor':
    case 'diving-plane':
    case 'natural-bait':
      return bodyFields(given, given.kind);
    default:
      return given.kind satisfies never;
  }
}

function rodFields(given: GivenPart) {
  const mount =
    typeof given['mount'] === 'string' && given['mount'] in ROD_LENGTHS
      ? (given['mount'] as keyof typeof ROD_LENGTHS)
      : 'spin';
  const stiffness = { kind: 'class', power: 'medium', action: 'fast', ...(given['stiffness'] ?? {}) } as {
    power: string;
  };
  const rating = POWER_RATINGS[stiffness.power as keyof typeof POWER_RATINGS] as readonly [number, number] | undefined;
  return {
    mount,
    handle: mount === 'spin' ? 'one-handed' : 'two-handed',
    lengthM: ofClass(ROD_LENGTHS[mount], 'm', 0.1),
    stiffness,
    rating: rating ? { loKg: ofClass(rating[0], 'kg'), hiKg: ofClass(rating[1], 'kg') } : null,
  };
}

function reelFields(given: GivenPart) {
  const build = given['build'] === 'multiplier' ? 'multiplier' : 'fixed-spool';
  const row = REEL_CLASSES[build];
  return {
    build,
    arborRadiusM: ofClass(row.arborRadiusM, 'm'),
    fullRadiusM: ofClass(row.fullRadiusM, 'm', 0.15),
    widthM: ofClass(row.widthM, 'm', 0.15),
    gearRatio: ofClass(row.gearRatio, '1', 0.1),
    clutchMaxN: ofClass(row.clutchMaxN, 'N'),
  };
}

function lineFields(given: GivenPart) {
  const use = given['use'] === 'leader-stock' || given['use'] === 'backing' ? given['use'] : 'main-line';
  const known =
    given['strengthN'] !== undefined || given['diameterM'] !== undefined || given['material'] === 'lead-core';
  return {
    material: 'nylon',
    ...(known ? {} : { strengthN: ofClass(60, 'N') }),
    lengthM: ofClass(SPOOL_LENGTHS[use], 'm'),
  };
}

function hookFields(given: GivenPart, usualStyle: keyof typeof HOOK_STYLES, usualSize: string) {
  const style =
    typeof given['style'] === 'string' && given['style'] in HOOK_STYLES
      ? (given['style'] as keyof typeof HOOK_STYLES)
      : usualStyle;
  const size = typeof given['size'] === 'string' ? given['size'] : usualSize;
  const wireClass = given['wireClass'] === 'fine' || given['wireClass'] === 'stout' ? given['wireClass'] : 'regular';
  const sizeStep = hookStep(size);
  const hook = hookOfClass({ style, sizeStep: sizeStep ?? 1, wire: wireClass });
  return {
    style,
    size,
    wireClass,
    points: style === 'treble' ? 'treble' : 'single',
    barb: 'barbed',
    sharpness: 'stock',
    wireM: ofClass(hook.wireM, 'm', HOOK_SPREAD.wire),
    gapM: ofClass(hook.gapM, 'm', HOOK_SPREAD.gap),
    shankM: ofClass(hook.shankM, 'm', HOOK_SPREAD.shank),
    massKg: ofClass(hook.massKg, 'kg', HOOK_SPREAD.mass),
  };
}

function headFields(given: GivenPart) {
  const { massKg: _, ...hook } = hookFields(given, 'jig', '3/0');
  return {
    ...hook,
    massKg: ofClass(0.01, 'kg'),
    material: 'lead',
    shape: 'sphere',
    guard: 'none',
    ...(given.kind === 'skirted-jig' ? { guard: 'bristle', shape: 'football', blade: 'no-blade' } : {}),
  };
}

function hardwareFields(given: GivenPart) {
  const form =
    typeof given['form'] === 'string' && given['form'] in HARDWARE_CLASSES
      ? (given['form'] as keyof typeof HARDWARE_CLASSES)
      : 'swivel';
  const row = HARDWARE_CLASSES[form];
  const widthM = figure(given, 'widthM') ?? row.usualMm / 1e3;
  return {
    form,
    widthM: ofClass(widthM, 'm'),
    massKg: ofClass(row.fullness * MATERIALS.brass.densityKgPm3 * widthM ** 3, 'kg', HARDWARE_SPREAD.mass),
    ...(row.perMm2 === null
      ? {}
      : { strengthN: ofClass(row.perMm2 * (widthM * 1e3) ** 2, 'N', HARDWARE_SPREAD.strength) }),
    ...(row.borePerWidth === null ? {} : { boreM: ofClass(row.borePerWidth * widthM, 'm', HARDWARE_SPREAD.bore) }),
  };
}

function bodyFields(given: GivenPart, kind: keyof typeof LENGTH_CLASSES) {
  const row = LENGTH_CLASSES[kind];
  const massKg = figure(given, 'massKg');
  // A lure named by its weight alone is as long as that weight usually is.
  const lengthM = figure(given, 'lengthM') ?? (massKg === undefined ? row.lengthM : Math.cbrt(massKg / row.perCube));
  const speeds = kind in WORKING_SPEEDS ? WORKING_SPEEDS[kind as keyof typeof WORKING_SPEEDS] : null;
  const height = kind in BODY_HEIGHT ? BODY_HEIGHT[kind as keyof typeof BODY_HEIGHT] : null;
  return {
    massKg: ofClass(row.perCube * lengthM ** 3, 'kg', LENGTH_CLASS_SPREAD),
    lengthM: ofClass(lengthM, 'm', 0.1),
    ...(height ? { heightM: ofClass(height.share * lengthM, 'm', BODY_HEIGHT_SPREAD) } : {}),
    ...(speeds ? { worksFromMps: ofClass(speeds.fromMps, 'm/s'), worksToMps: ofClass(speeds.toMps, 'm/s') } : {}),
    ...WORDS[kind],
  };
}

const WORDS = {
  'soft-bait': { material: 'soft', tail: 'paddle-tail' },
  'hard-lure': { buoyancy: 'floats', lip: 'medium-lip', hookStations: 2, hookStyle: 'treble' },
  spoon: { material: 'brass', hookStyle: 'treble' },
  topwater: { body: 'stick', hookStyle: 'treble' },
  'trolled-fly': {},
  trailer: { material: 'soft', tail: 'twin-tail' },
  skirt: { strands: 'silicone' },
  attractor: { motion: 'rotating' },
  'diving-plane': { settings: 3 },
  'natural-bait': { bait: 'bait-fish', state: 'dead' },
} as const satisfies Record<keyof typeof LENGTH_CLASSES, object>;
