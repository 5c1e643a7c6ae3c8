import type { Joint } from './joint';
import type { Part } from './parts';
import { completePart } from './parts/class-part';
import type { Presentation } from './presentation';
import { RIGS, rigPattern, type RigId } from './rigs';
import type { RigSlot } from './rig-slots';
import { chainOf, startPresentation } from './start-setup';

/** A pattern with class parts in every slot: what its drawing in the list of rigs shows. */
export function sampleOf(rig: RigId): {
  readonly parts: readonly Part[];
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
} {
  const { slots } = RIGS[rig];
  const parts = slots.map((slot): Part => {
    const made = completePart({ id: `sample-${slot.id}`, kind: slot.partKind, ...sampleFields(rig, slot) });
    if (!made.ok) throw new Error(`${rig} ${slot.id}: ${JSON.stringify(made.problems)}`);
    return made.data;
  });
  const chosen = Object.fromEntries(slots.map(({ id }, i) => [id, parts[i]!.id]));
  return { parts, chain: chainOf(slots, chosen)!, presentation: startPresentation(rig) };
}

/** What a sample part is like beyond its class, so that the pieces of one rig suit each other. */
function sampleFields(rig: RigId, slot: RigSlot): Readonly<Record<string, unknown>> {
  const given: Record<string, unknown> = {
    ...(slot.form ? { form: slot.form } : {}),
    ...(slot.knot ? { pattern: slot.knot } : {}),
    ...(slot.like ?? {}),
  };
  const figure = (value: number, unit: string) => ({ value, unit, provenance: 'class' });
  const pinched = slot.seed.kind === 'weight' && slot.seed.hold === 'pinched';
  switch (slot.partKind) {
    case 'rod':
      return {
        ...given,
        mount: rigPattern(rig).fished === 'cast' ? 'spin' : 'trolling',
        stiffness: {
          power: rig === 'big-bait-stinger' || rig === 'jerked-plug' ? 'heavy' : 'medium-heavy',
          action: 'fast',
        },
      };
    case 'reel':
      return { ...given, build: rigPattern(rig).fished === 'cast' ? 'fixed-spool' : 'multiplier' };
    case 'line':
      return slot.id === 'line'
        ? { ...given, material: 'braid', strengthN: figure(120, 'N') }
        : { material: 'fluorocarbon', strengthN: figure(rig === 'fast-head' ? 180 : 90, 'N'), ...given };
    case 'hook':
      return slot.seed.kind === 'stinger'
        ? { ...given, style: 'treble', size: '4' }
        : rig === 'plug'
          ? { ...given, style: 'single-inline', size: '6' }
          : slot.with === 'shankWeightKg'
            ? { ...given, style: 'wide-gap', size: '5/0', shankWeightKg: figure(0.005, 'kg') }
            : slot.seed.kind === 'hook' && slot.seed.point === 'open'
              ? { style: 'bait', size: '1/0', ...given }
              : { ...given, style: 'worm-offset', size: '4/0' };
    case 'soft-bait':
      return {
        ...given,
        lengthM: figure(
          rig === 'big-bait-stinger' ? 0.18 : rig === 'tandem' || rig === 'drop-weight' ? 0.08 : 0.12,
          'm',
        ),
        tail: rig === 'drop-weight' ? 'straight-tail' : rig === 'slotted-prawn' ? 'fan-tail' : 'paddle-tail',
        ...(rig === 'tandem' || rig === 'drop-weight' ? {} : { material: 'soft-salted' }),
      };
    case 'jig-head':
      return {
        ...given,
        massKg: figure(rig === 'big-bait-stinger' ? 0.021 : 0.01, 'kg'),
        size: rig === 'big-bait-stinger' ? '6/0' : rig === 'tandem' ? '1/0' : '3/0',
      };
    case 'weight':
      return {
        ...given,
        massKg: figure(pinched ? 0.002 : rig === 'drop-weight' ? 0.014 : 0.01, 'kg'),
        shape: rig === 'drop-weight' || pinched ? 'sphere' : (given['shape'] ?? 'bullet'),
      };
    case 'hardware':
      return { ...given, ...(slot.form === 'crimp' ? { widthM: figure(0.0018, 'm') } : {}) };
    case 'hard-lure':
      return {
        ...given,
        lengthM: figure(rig === 'jerked-plug' ? 0.13 : 0.09, 'm'),
        buoyancy: rig === 'jerked-plug' ? 'sinks' : 'floats',
      };
    default:
      return given;
  }
}
