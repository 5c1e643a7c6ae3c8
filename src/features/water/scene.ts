import Papa from 'papaparse';
import { bottomUnder, withLine, type BottomProfile } from '@/core/rig';
import type { Part, Setup } from '@/core/tackle';
import type { CurrentLayer } from '@/core/water';
import type { TowedPresentation } from '@/domain/presentation';
import type { WaterSetup } from '@/server/queries/water-page';

/** Temperature read at a depth. */
export interface TemperatureReading {
  readonly depthM: number;
  readonly temperatureC: number;
}

/** What was changed of one setup in the picture. */
export interface LineChanges {
  readonly lineM?: number;
  readonly massKg?: number;
  /** to the outside of the boat's middle, positive to the left [m] */
  readonly offsetM?: number;
}

/** The water that all setups in the picture share. */
export interface SharedWater {
  /** through the surface water; null: each setup's own */
  readonly speedMps: number | null;
  readonly layers: readonly CurrentLayer[];
  readonly bottom: BottomProfile;
  readonly temperatures: readonly TemperatureReading[];
  /** temperatures looked for */
  readonly bandC: { readonly fromC: number; readonly toC: number } | null;
}

/** The picture: its water, and what was changed of each setup. */
export interface Scene extends SharedWater {
  readonly own: Readonly<Record<string, LineChanges>>;
}

/** The picture as the setups bring it: the deepest bottom that one of them names. */
export function startScene(setups: readonly WaterSetup[]): Scene {
  const towed = setups.flatMap(({ file: { presentation } }) => (presentation.kind === 'towed' ? [presentation] : []));
  const depths = towed.flatMap(({ bottomM }) => (bottomM === undefined ? [] : [bottomM]));
  const band = setups[0]?.file.presentation.conditions.temperatureC;
  return {
    speedMps: null,
    layers: towed.find(({ layers }) => layers && layers.length > 0)?.layers ?? [],
    bottom: depths.length === 0 ? [] : [{ behindM: 0, depthM: Math.max(...depths) }],
    temperatures: [],
    bandC: band ? { fromC: band.from, toC: band.to } : null,
    own: {},
  };
}

/** What is heavy on a setup: the ball on its cable, else the heaviest weight, bouncer or head of the chain. */
export type Heavy =
  | { readonly kind: 'ball'; readonly massKg: number }
  | { readonly kind: 'part'; readonly partId: string; readonly massKg: number };

export function heavyOf({ chain, parts, presentation }: Setup): Heavy | null {
  if (presentation.kind === 'towed' && presentation.gear?.kind === 'downrigger')
    return { kind: 'ball', massKg: presentation.gear.ballKg };
  const used = new Set(chain.map(({ partId }) => partId));
  const weights = parts.flatMap((part) =>
    (part.kind === 'weight' || part.kind === 'bottom-bouncer' || part.kind === 'jig-head') && used.has(part.id)
      ? [{ kind: 'part' as const, partId: part.id, massKg: part.massKg.value }]
      : [],
  );
  return weights.length === 0 ? null : weights.reduce((a, b) => (b.massKg > a.massKg ? b : a));
}

/** One setup as the scene has it. */
export function setupIn(
  scene: Pick<SharedWater, 'speedMps' | 'layers'>,
  { file }: Pick<WaterSetup, 'file'>,
  own: LineChanges = {},
): Setup {
  const heavy = heavyOf(file);
  const parts =
    own.massKg !== undefined && heavy?.kind === 'part'
      ? file.parts.map((part): Part =>
          part.id === heavy.partId && 'massKg' in part && part.massKg
            ? ({ ...part, massKg: { ...part.massKg, value: own.massKg! } } as Part)
            : part,
        )
      : file.parts;
  if (file.presentation.kind === 'cast') return { ...file, parts };
  let presentation: TowedPresentation = {
    ...file.presentation,
    speedMps: scene.speedMps ?? file.presentation.speedMps,
    ...(scene.layers.length > 0 ? { layers: [...scene.layers] } : {}),
  };
  if (own.lineM !== undefined) presentation = withLine(presentation, own.lineM) as TowedPresentation;
  if (own.massKg !== undefined && heavy?.kind === 'ball' && presentation.gear?.kind === 'downrigger')
    presentation = { ...presentation, gear: { ...presentation.gear, ballKg: own.massKg } };
  return { ...file, parts, presentation };
}

/** What a new revision keeps of the picture: how the setup is fished there. A weight that was tried is a part of the Box, and is fitted on the Bench. */
export function asDraft(
  scene: Scene,
  { file, setup }: { readonly file: WaterSetup['file']; readonly setup: Setup },
  behindM: number | null,
): Pick<WaterSetup['file'], 'chain' | 'presentation'> {
  if (setup.presentation.kind === 'cast') return { chain: file.chain, presentation: file.presentation };
  const bottomM = bottomUnder(scene.bottom, behindM ?? 0);
  return {
    chain: file.chain,
    presentation: { ...(setup.presentation as TowedPresentation), ...(bottomM === undefined ? {} : { bottomM }) },
  };
}

/** Line out as it is counted for a setup: from the tip, or behind its release. */
export const lineOf = ({ gear, lineOutM }: Pick<TowedPresentation, 'gear' | 'lineOutM'>): number =>
  gear?.leadM ?? lineOutM;

/** Temperature at a depth, straight between readings; null outside them. */
export function temperatureAt(readings: readonly TemperatureReading[], depthM: number): number | null {
  const sorted = readings.toSorted((a, b) => a.depthM - b.depthM);
  const after = sorted.findIndex((reading) => reading.depthM >= depthM);
  if (after < 0 || (after === 0 && sorted[0]!.depthM > depthM)) return null;
  if (after === 0) return sorted[0]!.temperatureC;
  const [a, b] = [sorted[after - 1]!, sorted[after]!];
  return a.temperatureC + ((b.temperatureC - a.temperatureC) * (depthM - a.depthM)) / (b.depthM - a.depthM);
}

/** Depths at which the water has a temperature that is looked for. */
export function bandDepths(
  readings: readonly TemperatureReading[],
  { fromC, toC }: NonNullable<Scene['bandC']>,
): readonly { readonly fromM: number; readonly toM: number }[] {
  if (readings.length === 0) return [];
  const deepest = Math.max(...readings.map(({ depthM }) => depthM));
  const step = Math.max(0.05, deepest / 400);
  const bands: { fromM: number; toM: number }[] = [];
  for (let depthM = 0; depthM <= deepest + 1e-9; depthM += step) {
    const at = temperatureAt(readings, depthM);
    if (at === null || at < fromC || at > toC) continue;
    const last = bands.at(-1);
    if (last && depthM - last.toM < 1.5 * step) last.toM = depthM;
    else bands.push({ fromM: depthM, toM: depthM });
  }
  return bands;
}

/** A table from a file: what was taken, and each line that was not with its reason. */
export interface TableRead<T> {
  readonly rows: readonly T[];
  readonly refused: readonly {
    readonly line: number;
    readonly code: 'not-a-number' | 'outside' | 'twice';
    readonly given: string;
  }[];
  readonly missing: readonly string[];
}

interface TableKind<T> {
  readonly columns: readonly [string, string];
  readonly limits: readonly [readonly [number, number], readonly [number, number]];
  readonly row: (a: number, b: number) => T;
}

export const BOTTOM_TABLE: TableKind<BottomProfile[number]> = {
  columns: ['behind [m]', 'depth [m]'],
  limits: [
    [0, 2000],
    [0.1, 300],
  ],
  row: (behindM, depthM) => ({ behindM, depthM }),
};
export const TEMPERATURE_TABLE: TableKind<TemperatureReading> = {
  columns: ['depth [m]', 'temperature [°C]'],
  limits: [
    [0, 300],
    [-2, 40],
  ],
  row: (depthM, temperatureC) => ({ depthM, temperatureC }),
};
export const CURRENT_TABLE: TableKind<CurrentLayer> = {
  columns: ['depth [m]', 'along [m/s]'],
  limits: [
    [0, 300],
    [-5, 5],
  ],
  row: (depthM, alongMps) => ({ depthM, alongMps }),
};

/** Two columns of figures under their names, sorted by the first; a first figure that comes twice is refused. */
export function readTable<T>({ columns, limits, row }: TableKind<T>, text: string): TableRead<T> {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), {
    header: true,
    skipEmptyLines: true,
  });
  const missing = columns.filter((column) => !(meta.fields ?? []).includes(column));
  if (missing.length > 0) return { rows: [], refused: [], missing };
  const refused: TableRead<T>['refused'][number][] = [];
  const taken = new Map<number, T>();
  data.forEach((cells, i) => {
    const line = i + 2;
    const figures = columns.map((column) => cells[column]?.trim() ?? '');
    const values = figures.map((text) => (text === '' ? NaN : Number(text.replace(',', '.'))));
    const bad = values.findIndex((value) => !Number.isFinite(value));
    if (bad >= 0) return refused.push({ line, code: 'not-a-number', given: figures[bad]! });
    const outside = values.findIndex((value, k) => value < limits[k as 0 | 1][0] || value > limits[k as 0 | 1][1]);
    if (outside >= 0) return refused.push({ line, code: 'outside', given: figures[outside]! });
    if (taken.has(values[0]!)) return refused.push({ line, code: 'twice', given: figures[0]! });
    return taken.set(values[0]!, row(values[0]!, values[1]!));
  });
  return { rows: [...taken].sort(([a], [b]) => a - b).map(([, each]) => each), refused, missing: [] };
}

export const writeTable = <T extends object>({ columns }: TableKind<T>, rows: readonly T[]): string =>
  Papa.unparse([[...columns], ...rows.map((row) => Object.values(row) as number[])], { newline: '\r\n' });
