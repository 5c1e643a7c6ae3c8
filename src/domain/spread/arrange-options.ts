import { toHalfMetre } from './let-out';
import { wantedBand } from './wanted-band';
import {
  arrange,
  boatLine,
  lineFor,
  tipAt,
  type Arranged,
  type ArrangeLine,
  type ArrangeOption,
  type PlacedRod,
  type SpreadLine,
} from '@/core/afloat';
import { InputRangeError } from '@/core/base/guard';
import type { Steps } from '@/core/decide';
import type { TowedPresentation } from '@/core/tackle';
import { isProblem, placedProbe, placedRod, sideLayers } from './on-boat';
import { solveSpread, type SpreadQuestion } from './solve';
import type { SpreadLineDocument } from './spread';
import { MOST_LINES, SPREAD_DOCUMENT_LIMITS as L } from './spread-limits';
import { towPointsOf } from './tow-points';

/** Depths within a band that are tried, as shares of it; leads behind a ball, and boards, as shares of what they are. */
const DEPTHS = [0.5, 0.15, 0.85] as const;
const LEADS = [1, 0.6, 1.5] as const;
const BOARDS = [1, 1.35] as const;

/** What Arrange would make of a spread. */
export interface Arrangement {
  readonly found: Arranged;
  /** the lines as they would be; those that have a problem stay */
  readonly lines: readonly SpreadLineDocument[];
}

/** A way to fish a line, in words of the document, before its place is chosen. */
interface Way {
  readonly lineM: number;
  readonly cableM?: number;
  readonly board?: SpreadLineDocument['board'];
}

/**
 * The best places and lengths of a spread: each line goes to points of the kind that it is on, in the middle, the upper and the
 * lower part of its band, with shorter and longer leads and wider boards; pinned lines stay as they are.
 */
export function* arrangeSpread(question: SpreadQuestion): Steps<Arrangement> {
  const { spread, craft, files } = question;
  const lines = spread.lines.slice(0, MOST_LINES);
  const ways: {
    readonly line: SpreadLineDocument;
    readonly made: readonly { readonly document: SpreadLineDocument; readonly option: ArrangeOption }[];
  }[] = [];
  for (const [done, line] of lines.entries()) {
    const placed = placedRod(line, files[line.setupId] ?? null, { ...question, scene: spread });
    if (!isProblem(placed)) ways.push({ line, made: optionsOf(question, line, placed) });
    yield { done, of: 2 * lines.length };
  }
  const probe = placedProbe(spread, craft)
    ? solveSpread({ ...question, spread: { ...spread, lines: [] } }).probe
    : null;
  const asked = ways.filter(({ made }) => made.length > 0);
  if (asked.length === 0) return { found: { outcome: 'no-place', choice: null, leastM: null, because: null }, lines };
  const steps = arrange({
    lines: asked.map(({ line, made }): ArrangeLine => ({ name: line.id, options: made.map(({ option }) => option) })),
    ...(probe ? { fixed: [probe.line] } : {}),
    clearM: spread.clearM,
    speedMps: solveSpread({ ...question, spread: { ...spread, lines: lines.slice(0, 1) } }).throughMps,
    radiusM: spread.radiusM,
  });
  let step = steps.next();
  for (; !step.done; step = steps.next())
    yield { done: lines.length + (lines.length * step.value.done) / step.value.of, of: 2 * lines.length };
  const found = step.value;
  const chosen = new Map(
    (found.choice ?? []).map(({ name, option }) => [
      name,
      asked.find(({ line }) => line.id === name)!.made[option]!.document,
    ]),
  );
  return { found, lines: spread.lines.map((line) => chosen.get(line.id) ?? line) };
}

function optionsOf(question: SpreadQuestion, line: SpreadLineDocument, placed: PlacedRod) {
  const { spread, craft, files } = question;
  const points = towPointsOf(craft).filter(({ kind }) => kind === placed.point.kind);
  const across = sideLayers(spread);
  const file = files[line.setupId]!;
  if (line.pinned) {
    const { chain } = boatLine(placed, across);
    return [{ document: line, option: { position: line.pointId, chain } }];
  }
  return waysOf(question, line, placed).flatMap((way) => {
    // One solution serves all points of a height: only where the tip stands differs.
    const solved = new Map<string, readonly SpreadLine[]>();
    return points.flatMap((point) => {
      const document = { ...line, ...way, pointId: point.id };
      const there = placedRod(document, file, { ...question, scene: spread });
      if (isProblem(there)) return [];
      const tipM = tipAt(there.rig, there.presentation, point);
      const side = Math.sign(there.boardOutM ?? 1);
      const key = `${tipM[2]} ${side}`;
      try {
        const chain = solved.get(key) ?? boatLine(there, across).chain;
        solved.set(key, chain);
        const [first, ...rest] = chain;
        const moved = { ...first!, tipM } as SpreadLine;
        return [{ document, option: { position: point.id, chain: [moved, ...rest] } }];
      } catch (error) {
        // A way that the models do not take is none.
        if (error instanceof InputRangeError) return [];
        throw error;
      }
    });
  });
}

/** Lengths that keep a line in its band. */
function waysOf({ spread, files }: SpreadQuestion, line: SpreadLineDocument, placed: PlacedRod): readonly Way[] {
  const limits = { lineM: L.lineM, cableM: L.cableM };
  const band = wantedBand(line, spread, files[line.setupId]?.presentation);
  const depthAt = (share: number) => (band ? band.fromM + share * (band.toM - band.fromM) : null);
  const { gear } = placed.presentation;
  const paidFor = (presentation: TowedPresentation, share: number) => {
    const depthM = depthAt(share);
    if (depthM === null) return null;
    const paid = lineFor({ ...placed, presentation }, { depthM }, limits);
    return paid.outcome === 'ok' ? paid : null;
  };
  const asIs: Way = {
    lineM: line.lineM,
    ...(line.cableM === undefined ? {} : { cableM: line.cableM }),
    ...(line.board ? { board: line.board } : {}),
  };
  if (gear?.kind === 'downrigger') {
    const ways = LEADS.flatMap((times): Way[] => {
      const leadM = toHalfMetre(Math.min(L.lineM.max, Math.max(L.lineM.min, times * line.lineM)));
      const paid = paidFor({ ...placed.presentation, gear: { ...gear, leadM } }, 0.5);
      return paid ? [{ lineM: leadM, cableM: toHalfMetre(paid.cableM!) }] : [];
    });
    return ways.length > 0 ? ways : [asIs];
  }
  if (line.board) {
    const { board } = line;
    const lineM = paidFor(placed.presentation, 0.5)?.lineM ?? line.lineM;
    return BOARDS.map((times) => ({
      lineM: toHalfMetre(lineM),
      board: { lineM: toHalfMetre(board.lineM * times), outM: toHalfMetre(board.outM * times) },
    }));
  }
  const ways = DEPTHS.flatMap((share): Way[] => {
    const paid = paidFor(placed.presentation, share);
    return paid ? [{ lineM: toHalfMetre(paid.lineM) }] : [];
  });
  return ways.length > 0 ? ways : [asIs];
}
