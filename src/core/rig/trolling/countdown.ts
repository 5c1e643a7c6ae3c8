import type { Classes } from '../../tackle/defaults/classes';
import { fallInputOf } from './fall-input';
import { readRig } from '../rigging';
import { sink, type SinkRow } from '../../water';
import type { CastPresentation, Part, Setup } from '../../tackle';

/** One thing changed on a rig that falls. */
export type FallChange =
  'as-is' | 'no-trailer' | 'tungsten' | 'lead' | 'thinner-line' | 'thicker-line' | 'salt-water' | 'fresh-water';

export interface Countdown {
  readonly change: FallChange;
  readonly netWeightN: number;
  readonly outcome: 'sinks' | 'suspends' | 'floats';
  readonly table: readonly SinkRow[];
}

/** What the sea holds [g of salt in a kilogram]. */
const SEA = 35;
/** A step of line: its diameter by so much. */
const LINE_STEP = 1.4;

/**
 * Seconds to each depth on slack line, as the rig is and with one thing changed: the trailer off, the weight of another metal
 * at the same mass, thinner or thicker line, salt or fresh water. Changes that a rig does not have are left out.
 */
export function countdowns(setup: Setup, depthsM: readonly number[], classes?: Classes): readonly Countdown[] {
  return changesOf(setup).map(({ change, setup: changed }) => {
    const input = fallInputOf(readRig(changed, classes), changed.presentation as CastPresentation);
    const { outcome, netWeightN, table } = sink({ ...input, depthsM });
    return { change, outcome, netWeightN, table };
  });
}

function changesOf(setup: Setup): { readonly change: FallChange; readonly setup: Setup }[] {
  const { presentation, chain, parts } = setup;
  const withParts = (change: (part: Part) => Part): Setup => ({ ...setup, parts: parts.map(change) });
  const trailer = chain.find(({ kind }) => kind === 'trailer');
  const weight = parts.find(
    (part) => (part.kind === 'weight' || part.kind === 'jig-head') && chain.some(({ partId }) => partId === part.id),
  );
  const metal = weight && 'material' in weight ? weight.material : null;
  const salt = 'salinity' in presentation.water ? presentation.water.salinity : null;
  const line = chain.find(({ kind }) => kind === 'line')!.partId;
  const thick = (factor: number) =>
    withParts((part) =>
      part.kind === 'line' && part.id === line
        ? {
            ...part,
            ...(part.strengthN ? { strengthN: { ...part.strengthN, value: part.strengthN.value * factor ** 2 } } : {}),
            ...(part.diameterM ? { diameterM: { ...part.diameterM, value: part.diameterM.value * factor } } : {}),
          }
        : part,
    );
  return [
    { change: 'as-is', setup },
    ...(trailer
      ? [{ change: 'no-trailer' as const, setup: { ...setup, chain: chain.filter((joint) => joint !== trailer) } }]
      : []),
    ...(metal
      ? [
          {
            change: metal === 'tungsten' ? ('lead' as const) : ('tungsten' as const),
            setup: withParts((part) =>
              part.id === weight!.id
                ? ({ ...part, material: metal === 'tungsten' ? 'lead' : 'tungsten' } as Part)
                : part,
            ),
          },
        ]
      : []),
    { change: 'thinner-line', setup: thick(1 / LINE_STEP) },
    { change: 'thicker-line', setup: thick(LINE_STEP) },
    ...(salt === null
      ? []
      : [
          {
            change: salt > 0 ? ('fresh-water' as const) : ('salt-water' as const),
            setup: {
              ...setup,
              presentation: { ...presentation, water: { ...presentation.water, salinity: salt > 0 ? 0 : SEA } },
            } as Setup,
          },
        ]),
  ];
}
