import { InputRuleError, requireInRange, type Limits } from '../../base/guard';

export const EXPOSURE_LIMITS = {
  lines: { min: 0, max: 5000 },
  series: { min: 0, max: 200 },
  samples: { min: 0, max: 500_000 },
  edges: { min: 1, max: 100 },
  holdS: { min: 0, max: 1e7, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

/** A line while it was fishing, and what is to be told apart of it: lure, side, angler. */
export interface FishingLine {
  readonly fromS: number;
  readonly toS: number;
  readonly keys: Readonly<Record<string, string>>;
}

/** Readings that divide the time into bands. */
export interface BandSeries {
  readonly name: string;
  /** the one line that it speaks for; absent: all */
  readonly line?: number | undefined;
  readonly tS: readonly number[];
  readonly values: readonly (number | null)[];
  readonly edges: readonly number[];
  /** a reading is believed for so long; 120 when absent */
  readonly holdS?: number | undefined;
}

export interface ExposureInput {
  readonly lines: readonly FishingLine[];
  readonly series?: readonly BandSeries[] | undefined;
  readonly events?:
    readonly { readonly tS: number; readonly line: number; readonly kind?: string | undefined }[] | undefined;
}

export interface ExposureCell {
  readonly keys: Readonly<Record<string, string>>;
  readonly bands: Readonly<Record<string, number | null>>;
  readonly hours: number;
  readonly events: Readonly<Record<string, number>>;
}

export interface Exposure {
  readonly outcome: 'ok';
  readonly cells: readonly ExposureCell[];
}

const HOLD_S = 120;
const KIND = 'strike';

/**
 * Hours of fishing by what was true meanwhile, and the events that fell into them.
 *
 * Model: a reading holds from its instant until just before the next one, just under holdS at most; before the first, from holdS
 * on and where a reading is null the band is not known. A series of a line stands in place of the general one of its name. Lines
 * with equal keys are pooled; cells stand in the order in which they first appear, of equal ones in that of the lines.
 *
 * @throws {InputRangeError} when times do not rise, a line ends before it begins, or an event lies outside its line.
 */
export function exposure({ lines, series = [], events = [] }: ExposureInput): Exposure {
  check({ lines, series, events });
  const names = [...new Set(series.map(({ name }) => name))];
  const spans = series.map(spansOf);
  const radices = names.map((name) => series.find((each) => each.name === name)!.edges.length + 2);
  const cells = new Map<string, Filling>();
  lines.forEach((line, i) => {
    const own = names.map((name) => spans[seriesFor(series, name, i)] ?? NOTHING_KNOWN);
    const pooled = JSON.stringify(Object.entries(line.keys).sort(([a], [b]) => (a < b ? -1 : 1)));
    // A day at one reading a second is half a million pieces: a number finds their cell faster than a text.
    const found = new Map<number | string, Filling>();
    const cellAt = (bands: readonly (number | null)[], atS: number): Filling => {
      const code = codeOf(bands, radices);
      let cell = found.get(code);
      if (!cell) {
        const key = `${pooled} ${bands.join(' ')}`;
        cell = cells.get(key) ?? { keys: line.keys, bands: [...bands], seconds: 0, events: {}, atS, line: i };
        cells.set(key, cell);
        found.set(code, cell);
      }
      if (atS < cell.atS || (atS === cell.atS && i < cell.line)) [cell.atS, cell.line] = [atS, i];
      return cell;
    };
    walk(own, line, (fromS, toS, bands) => {
      cellAt(bands, fromS).seconds += toS - fromS;
    });
    for (const { tS, line: of, kind = KIND } of events) {
      if (of !== i) continue;
      const cell = cellAt(
        own.map((each) => bandAt(each, tS)),
        tS,
      );
      cell.events[kind] = (cell.events[kind] ?? 0) + 1;
    }
  });
  return {
    outcome: 'ok',
    cells: [...cells.values()]
      .sort((a, b) => a.atS - b.atS || a.line - b.line)
      .map(({ keys, bands, seconds, events: counted }) => ({
        keys,
        bands: Object.fromEntries(names.map((name, k) => [name, bands[k] ?? null])),
        hours: seconds / 3600,
        events: counted,
      })),
  };
}

interface Filling {
  readonly keys: FishingLine['keys'];
  readonly bands: readonly (number | null)[];
  seconds: number;
  readonly events: Record<string, number>;
  /** when it first appeared, and on which line */
  atS: number;
  line: number;
}

/** Bands as one number, or as a text where there are too many of them for one. */
function codeOf(bands: readonly (number | null)[], radices: readonly number[]): number | string {
  let code = 0;
  for (let k = 0; k < bands.length; k += 1) {
    const band = bands[k] ?? -1;
    code = code * radices[k]! + band + 1;
  }
  return code <= Number.MAX_SAFE_INTEGER ? code : bands.join(' ');
}

/** From when on which band holds; before the first nothing is known. */
interface Spans {
  readonly fromS: readonly number[];
  readonly band: readonly (number | null)[];
}

const NOTHING_KNOWN: Spans = { fromS: [], band: [] };

/** A series as spans of one band, neighbours that are alike joined. */
function spansOf({ tS, values, edges, holdS = HOLD_S }: BandSeries): Spans {
  const fromS: number[] = [];
  const band: (number | null)[] = [];
  const put = (atS: number, next: number | null) => {
    if (band.length > 0 ? band.at(-1) === next : next === null) return;
    fromS.push(atS);
    band.push(next);
  };
  tS.forEach((t, i) => {
    const value = values[i]!;
    put(t, value === null ? null : countUpTo(edges, value));
    const nextS = tS[i + 1] ?? Infinity;
    if (nextS - t > holdS) put(t + holdS, null);
  });
  return { fromS, band };
}

/** The last span that has begun; −1 before the first. */
const indexAt = ({ fromS }: Spans, tS: number): number => countUpTo(fromS, tS) - 1;

/** How many of rising numbers are at most `value`. */
function countUpTo(rising: readonly number[], value: number): number {
  let [lo, hi] = [0, rising.length];
  while (lo < hi) {
    const middle = (lo + hi) >> 1;
    if (rising[middle]! <= value) lo = middle + 1;
    else hi = middle;
  }
  return lo;
}

const bandAt = (spans: Spans, tS: number): number | null => spans.band[indexAt(spans, tS)] ?? null;

/** Every piece of a line's time in which no band changes; `bands` is overwritten by the next one. */
function walk(
  spans: readonly Spans[],
  { fromS, toS }: FishingLine,
  each: (fromS: number, toS: number, bands: readonly (number | null)[]) => void,
): void {
  const at = spans.map((span) => indexAt(span, fromS));
  const bands = spans.map(({ band }, k) => band[at[k]!] ?? null);
  const ends = spans.map((span, k) => span.fromS[at[k]! + 1] ?? Infinity);
  for (let t = fromS; t < toS;) {
    const nextS = Math.min(toS, ...ends);
    each(t, nextS, bands);
    for (let k = 0; k < spans.length; k += 1) {
      if (ends[k] !== nextS) continue;
      const { fromS: begins, band } = spans[k]!;
      at[k]! += 1;
      bands[k] = band[at[k]!]!;
      ends[k] = begins[at[k]! + 1] ?? Infinity;
    }
    t = nextS;
  }
}

/** A line's own series of a name, else the general one; −1 where neither is. */
function seriesFor(series: readonly BandSeries[], name: string, line: number): number {
  const own = series.findIndex((each) => each.name === name && each.line === line);
  return own >= 0 ? own : series.findIndex((each) => each.name === name && each.line === undefined);
}

function check({ lines, series, events }: Required<ExposureInput>): void {
  const L = EXPOSURE_LIMITS;
  lines.forEach(({ fromS, toS }, i) => {
    if (toS < fromS) throw new InputRuleError(`lines[${i}].toS`, `at least fromS = ${fromS}`);
  });
  series!.forEach(({ name, line, tS, values, edges, holdS }, i) => {
    const at = `series[${i}]`;
    if (line !== undefined && line >= lines.length)
      throw new InputRuleError(`${at}.line`, 'the index of one of the lines');
    if (series!.findIndex((each) => each.name === name && each.line === line) < i)
      throw new InputRuleError(
        `${at}.name`,
        line === undefined ? 'a name once without a line' : 'a name once for a line',
      );
    rising(`${at}.tS`, tS);
    if (values.length !== tS.length) throw new InputRuleError(`${at}.values`, `${tS.length} values, one for each time`);
    requireInRange(`${at}.edges`, edges.length, L.edges);
    rising(`${at}.edges`, edges);
    const first = series!.find((each) => each.name === name)!;
    if (first.edges.join(' ') !== edges.join(' '))
      throw new InputRuleError(`${at}.edges`, `those that ${name} has already: ${first.edges.join(', ')}`);
    if (holdS !== undefined) requireInRange(`${at}.holdS`, holdS, L.holdS);
  });
  events!.forEach(({ tS, line }, i) => {
    const of = lines[line];
    if (!of) throw new InputRuleError(`events[${i}].line`, 'the index of one of the lines');
    if (tS < of.fromS || tS > of.toS)
      throw new InputRuleError(`events[${i}].tS`, `between ${of.fromS} and ${of.toS}, while its line fishes`);
  });
}

function rising(path: string, values: readonly number[]): void {
  const falls = values.findIndex((value, i) => i > 0 && value <= values[i - 1]!);
  if (falls > 0) throw new InputRuleError(`${path}[${falls}]`, `more than ${values[falls - 1]}`);
}
