import { beforeEach, describe, expect, it } from 'vitest';
import { demoSpreads } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import { tripOf } from '@/domain/log/trip';
import { tripEventSchema, type TripEvent } from '@/domain/log/trip-event';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useLines } from './use-lines';
import { useSettled } from './use-settled';

describe('how this phone shows its trip', () => {
  beforeEach(() => {
    localStorage.clear();
  });
  const facing = () => inAPage(() => useSettled<'forward' | 'aft'>('facing', 'forward'));

  it('is usual at first, then as it was set, here and at every place that shows it', async () => {
    const [one, other] = [facing(), facing()];
    expect(one.result.current[0]).toBe('forward');
    await doing(() => one.result.current[1]('aft'));
    expect([one.result.current[0], other.result.current[0]]).toEqual(['aft', 'aft']);
    expect(facing().result.current[0]).toBe('aft');
  });

  it('follows another window of this phone', async () => {
    const { result } = facing();
    await doing(() => {
      localStorage.setItem('ferula-log-facing', '"aft"');
      window.dispatchEvent(new Event('storage'));
    });
    expect(result.current[0]).toBe('aft');
  });

  it.each([['{torn'], ['42'], ['null']])('is usual where %s was kept', (text) => {
    localStorage.setItem('ferula-log-facing', text);
    expect(facing().result.current[0]).toBe('forward');
  });

  it('is the same object while nothing was set', async () => {
    const { result, rerender } = inAPage(() => useSettled<Readonly<Record<string, number>>>('reminders', {}));
    await doing(() => result.current[1]({ one: 5 }));
    const [before] = result.current;
    rerender({});
    expect(result.current[0]).toBe(before);
    expect(before).toEqual({ one: 5 });
  });
});

describe('the lines of a trip', () => {
  const lake = demoSpreads.find(({ id }) => id === 'spread-lake')!;
  const at = (s: number) => ({ id: crypto.randomUUID(), atS: 1_750_000_000 + s });
  const opened = (spreadId?: string) =>
    tripEventSchema.parse({
      kind: 'opened',
      ...at(0),
      name: 'A day',
      way: 'trolling',
      craftId: null,
      crew: [],
      waterName: '',
      ...(spreadId && { spreadId }),
    });
  const page = {
    spreads: demoSpreads,
    setups: lake.lines.map(({ setupId }, i) => ({ id: setupId, number: i + 1 })),
  } as never;
  const linesOf = (events: readonly TripEvent[]) => inAPage(() => useLines(tripOf(events), page)).result.current;
  const gear = {
    setupId: setupIdSchema.parse('setup-char-flasher'),
    rodId: null,
    pointId: null,
    lineM: 30,
    cableM: null,
    mark: '',
  };

  it('are those of its spread in their order, none of them in the water yet', () => {
    const lines = linesOf([opened(lake.id)]);
    expect(lines.map(({ line, number, now }) => [line, number, now])).toEqual(
      lake.lines.map(({ id }, i) => [id, i + 1, null]),
    );
    expect(lines.map(({ gear: { setupId } }) => setupId)).toEqual(lake.lines.map(({ setupId }) => setupId));
  });

  it('are whatever else went in too, numbered after them, with the gear that they have', () => {
    const extra = tripEventSchema.parse({ kind: 'in', ...at(60), line: 'handline', ...gear });
    const lines = linesOf([opened(lake.id), extra]);
    expect(lines.at(-1)).toMatchObject({
      line: 'handline',
      number: lake.lines.length + 1,
      gear,
      now: { state: 'fishing' },
    });
  });

  it('of a trip without a spread are those that went in', () => {
    expect(linesOf([opened()])).toEqual([]);
    const put = tripEventSchema.parse({ kind: 'in', ...at(60), line: 'one', ...gear });
    expect(linesOf([opened(), put]).map(({ line }) => line)).toEqual(['one']);
  });
});
