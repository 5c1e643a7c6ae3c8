import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse, demoParts, demoSpreads } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import { packed } from '@/domain/packed';
import { packedSetups } from '@/domain/packed-setups';
import type { SpreadPage } from '@/server/queries/spread-page';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useSpread } from './use-spread';

const server = vi.hoisted(() => ({
  saved: [] as { document: { name: string }; expectedVersion: number | null }[],
  refuse: null as string | null,
}));
vi.mock('@/server/actions/spreads', () => ({
  saveSpreadAction: async ({
    input,
  }: {
    input: { document: { id: string; name: string }; expectedVersion: number | null };
  }) => {
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.saved.push(input);
    const isNew = input.expectedVersion === null;
    return {
      ok: true,
      data: {
        document: isNew ? { ...input.document, id: 'spread-made' } : input.document,
        version: isNew ? 0 : input.expectedVersion! + 1,
      },
    };
  },
  removeSpreadAction: async () => ({ ok: true, data: null }),
}));
vi.mock('@/server/actions/house', () => ({
  changeHouseAction: async () => ({ ok: true, data: { house: demoHouse, refused: [{ at: 0 }] } }),
}));

const towed = demoFiles
  .filter(({ newest, file }) => newest && file.presentation.kind === 'towed')
  .map(({ id, file }) => ({ id: setupIdSchema.parse(id), name: file.name, file }));
const nothing: SpreadPage['asked'] = { spread: null, setups: [], craft: null, again: null };
const page = (given: Partial<SpreadPage> = {}): SpreadPage => ({
  setups: packedSetups(towed),
  rods: packed(demoParts.filter(({ kind }) => kind === 'rod')) as SpreadPage['rods'],
  house: demoHouse,
  spreads: demoSpreads.map((spread, i) => ({ spread, version: i })),
  brokenSetups: [],
  brokenSpreads: [],
  asked: nothing,
  ...given,
});
const spreadOf = (given: Partial<SpreadPage> = {}) => {
  const own = page(given);
  return inAPage(() => useSpread(own));
};
beforeEach(() => {
  Object.assign(server, { saved: [], refuse: null });
  localStorage.clear();
});

describe('the spread in hand', () => {
  it('is the one that was asked for, else the last that was kept, else an empty boat', () => {
    const [first] = demoSpreads;
    expect(spreadOf({ asked: { ...nothing, spread: first!.id } }).result.current.spread).toEqual(first);
    expect(spreadOf().result.current.spread).toEqual(demoSpreads.at(-1));
    expect(spreadOf({ spreads: [] }).result.current).toMatchObject({
      version: null,
      changed: false,
      spread: { lines: [] },
    });
  });

  it('begins with the setups of a day, each in a place of its own', () => {
    const ids = towed.slice(0, 3).map(({ id }) => id as string);
    const { spread, changed } = spreadOf({ asked: { ...nothing, setups: [...ids, 'setup-gone'] } }).result.current;
    expect(spread.lines.length).toBeGreaterThan(1);
    expect(new Set(spread.lines.map(({ pointId }) => pointId)).size).toBe(spread.lines.length);
    expect(changed).toBe(true);
  });

  it('of a strike lets out what was out then, within what a line can be', () => {
    const asked = { ...nothing, setups: [towed[0]!.id as string] };
    const again = { pointId: 'no-such-point', lineM: 33, cableM: null, speedMps: 1.1 };
    expect(spreadOf({ asked: { ...asked, again } }).result.current.spread).toMatchObject({
      speedMps: 1.1,
      lines: [{ lineM: 33 }],
    });
    const far = spreadOf({ asked: { ...asked, again: { ...again, lineM: 1e6 } } }).result.current.spread;
    expect(far.lines[0]!.lineM).toBeLessThan(1e4);
  });
});

describe('a step back', () => {
  it('is one for all that was dragged at once, and one for each other thing', async () => {
    const { result } = spreadOf();
    const { id } = result.current.spread.lines[0]!;
    const before = result.current.spread;
    for (const lineM of [30, 31, 32]) await doing(() => result.current.changeLine(id, { lineM }, 'line'));
    await doing(() => result.current.change({ speedMps: 0.9 }));
    expect(result.current.spread).toMatchObject({ speedMps: 0.9 });
    await doing(() => result.current.undo());
    expect([result.current.spread.speedMps, result.current.spread.lines[0]!.lineM]).toEqual([before.speedMps, 32]);
    await doing(() => result.current.undo());
    expect(result.current.spread).toEqual(before);
    expect([result.current.canUndo, result.current.changed]).toEqual([false, false]);
  });

  it('does not go beyond another spread that was opened', async () => {
    const { result } = spreadOf();
    await doing(() => result.current.change({ speedMps: 0.9 }));
    await doing(() => result.current.open(demoSpreads[0]!.id));
    expect([result.current.canUndo, result.current.spread]).toEqual([false, demoSpreads[0]]);
  });
});

describe('a spread that is kept', () => {
  it('has a name, an id and a place among the others', async () => {
    const { result } = spreadOf({ spreads: [] });
    const then = vi.fn();
    await doing(() => result.current.change({ speedMps: 0.9 }));
    await doing(() => result.current.save('Sunday', then));
    expect(then).toHaveBeenCalledWith('spread-made');
    expect(result.current).toMatchObject({ version: 0, changed: false, spread: { id: 'spread-made', name: 'Sunday' } });
    expect(result.current.spreads).toHaveLength(1);
  });

  it('that was changed elsewhere is not written over, and can be kept as another', async () => {
    const { result } = spreadOf();
    server.refuse = 'stale';
    await doing(() => result.current.change({ speedMps: 0.9 }));
    await doing(() => result.current.save('x'));
    expect([result.current.failure, result.current.changed]).toEqual(['stale', true]);
    server.refuse = null;
    await doing(() => result.current.keepAsAnother());
    await doing(() => result.current.save('x'));
    expect(server.saved.at(-1)).toMatchObject({ expectedVersion: null });
    expect(result.current.spreads).toHaveLength(demoSpreads.length + 1);
  });

  it('that is removed leaves the others', async () => {
    const { result } = spreadOf();
    const gone = result.current.spread.id;
    await doing(() => result.current.remove());
    expect(result.current.spreads.map(({ spread }) => spread.id)).not.toContain(gone);
    expect(result.current.spread.id).not.toBe(gone);
  });
});

it('a craft that another window changed says so', async () => {
  const { result } = spreadOf();
  await doing(() => result.current.changeCraft('beamM', 2.1 as never));
  expect(result.current.failure).toBe('stale');
});

it('what was not kept is offered again, unless somebody kept another since', async () => {
  const { result, unmount } = spreadOf();
  await doing(() => result.current.change({ speedMps: 0.9 }));
  unmount();
  const again = spreadOf();
  await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
  await doing(() => again.result.current.takeUpDraft());
  expect(again.result.current.spread.speedMps).toBe(0.9);
  again.unmount();
  const later = spreadOf({ spreads: demoSpreads.map((spread, i) => ({ spread, version: i + 5 })) });
  await doing(() => new Promise((resume) => setTimeout(resume, 60)));
  expect(later.result.current.draft.offer).toBeNull();
});
