'use client';

import type { TowPoint } from '@/core/afloat';
import type { LineState } from '@/domain/log/trip';
import { BoatSketch } from './boat-sketch';

/** A line as it is touched. */
export interface Tile {
  readonly line: string;
  readonly number: number;
  readonly name: string;
  readonly state: LineState | 'planned';
  /** "12.4 m deep" */
  readonly second: string;
  /** "48 min in", "strike 21:14" */
  readonly third: string;
  /** where it stands; null: in a hand */
  readonly point: TowPoint | null;
  readonly isChosen: boolean;
}

interface TilesProps {
  readonly tiles: readonly Tile[];
  /** the crew looks aft: port is on the right hand then, and the stern above */
  readonly facing: 'forward' | 'aft';
  readonly label: string;
  readonly wake: string;
  readonly onTouch: (line: string) => void;
}

/** The lines round the boat, as they lie; rods that are held stand in a grid. */
export function LineTiles({ tiles, facing, label, wake, onTouch }: TilesProps) {
  const placed = tiles.filter(({ point }) => point !== null);
  if (placed.length === 0)
    return (
      <div role="group" aria-label={label} data-testid="tiles" className="grid grid-cols-2 gap-2 px-2 sm:grid-cols-3">
        {tiles.map((tile) => (
          <TileButton key={tile.line} tile={tile} onTouch={onTouch} />
        ))}
      </div>
    );
  const forwardFirst = (a: Tile, b: Tile) => a.point!.yM - b.point!.yM || a.number - b.number;
  const side = (sign: 1 | -1) => {
    const own = tiles.filter(({ point }) => (sideOf(point) < 0 ? -1 : 1) === sign).sort(forwardFirstOr(forwardFirst));
    return facing === 'aft' ? own.toReversed() : own;
  };
  const [left, right] = facing === 'aft' ? [side(1), side(-1)] : [side(-1), side(1)];
  return (
    <div
      role="group"
      aria-label={label}
      data-testid="tiles"
      data-facing={facing}
      className="grid grid-cols-[minmax(0,1fr)_56px_minmax(0,1fr)] gap-x-1.5 px-2"
    >
      <Column tiles={left} onTouch={onTouch} />
      <BoatSketch
        rows={Math.max(left.length, right.length)}
        left={left.length}
        right={right.length}
        facing={facing}
        wake={wake}
      />
      <Column tiles={right} onTouch={onTouch} />
    </div>
  );
}

const sideOf = (point: TowPoint | null): number => (point === null ? 1 : point.xM === 0 ? point.pointsRad : point.xM);

/** What has no place stands behind those that have one. */
const forwardFirstOr =
  (order: (a: Tile, b: Tile) => number) =>
  (a: Tile, b: Tile): number =>
    a.point && b.point ? order(a, b) : Number(a.point === null) - Number(b.point === null);

function Column({ tiles, onTouch }: { readonly tiles: readonly Tile[]; readonly onTouch: (line: string) => void }) {
  return (
    <div className="flex flex-col gap-1.5">
      {tiles.map((tile) => (
        <TileButton key={tile.line} tile={tile} onTouch={onTouch} />
      ))}
    </div>
  );
}

const LOOK: Readonly<Record<Tile['state'], string>> = {
  fishing: 'border-ink bg-sheet',
  fought: 'border-2 border-ink bg-hi text-on-hi',
  fouled: 'border-2 border-dotted border-ink bg-bad',
  out: 'border-dashed border-ink text-dim',
  planned: 'border-dashed border-ink text-dim',
};

function TileButton({ tile, onTouch }: { readonly tile: Tile; readonly onTouch: (line: string) => void }) {
  const { line, number, name, state, second, third, isChosen } = tile;
  return (
    <button
      type="button"
      data-line={line}
      data-state={state}
      aria-pressed={isChosen}
      // A wet or gloved thumb slides a little: what it came down on counts.
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.preventDefault();
        onTouch(line);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTouch(line);
      }}
      onClick={(event) => event.detail === 0 && onTouch(line)}
      className={`narrow grid min-h-[76px] w-full touch-none select-none grid-cols-[34px_minmax(0,1fr)] items-center gap-x-1.5 border px-1.5 text-left leading-tight ${LOOK[state]} ${isChosen ? 'outline outline-2 outline-ink' : ''}`}
    >
      <span
        className={`flex size-[31px] items-center justify-center rounded-full border border-current text-[17px] font-semibold ${state === 'out' || state === 'planned' ? 'border-dashed' : ''}`}
      >
        {number}
      </span>
      <span className="min-w-0">
        <b className="narrower line-clamp-2 text-[14px] font-semibold leading-[1.1]">{name}</b>
        <span className="block truncate text-[14.5px]">{second}</span>
        <span className="block truncate text-[13px]">{third}</span>
      </span>
    </button>
  );
}
