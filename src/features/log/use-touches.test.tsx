import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { setupIdSchema } from '@/domain/ids';
import { tripOf, type Trip } from '@/domain/log/trip';
import { tripEventSchema, type Then, type TripEvent, type TripEventOf } from '@/domain/log/trip-event';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import type { LogLine } from './panels/panels';
import { useTouches } from './use-touches';

const START = Date.UTC(2026, 5, 14, 7) / 1000;
const gear = {
  setupId: setupIdSchema.parse('setup-char-flasher'),
  revision: 1,
  rodId: null,
  pointId: 'h1',
  lineM: 40,
  cableM: null,
  mark: '',
};
const THEN: Then = {
  latDeg: null,
  lonDeg: null,
  headingRad: null,
  cogRad: null,
  sogMps: null,
  waterMps: 1.2,
  probeMps: null,
  probeC: null,
  probeM: null,
  surfaceC: null,
  bottomM: null,
  fasterMps: null,
  turnRadPerS: null,
  lureM: 3,
};

/** A phone with a trip: what is told is kept, and the lines are what that comes to. */
class Phone {
  readonly events: TripEvent[] = [];
  changing: string | null = null;
  isFull = false;

  constructor(
    readonly names: readonly string[],
    way: 'trolling' | 'casting' = 'trolling',
    crew: readonly string[] = [],
  ) {
    const opened = {
      kind: 'opened',
      id: crypto.randomUUID(),
      atS: START,
      name: 'A day',
      way,
      craftId: null,
      crew: [...crew],
      waterName: '',
    };
    this.events.push(tripEventSchema.parse(opened));
  }

  get trip(): Trip {
    return tripOf(this.events);
  }
  get lines(): readonly LogLine[] {
    const { trip } = this;
    return this.names.map((line, i) => ({
      line,
      number: i + 1,
      gear,
      now: trip.lines.find((each) => each.line === line) ?? null,
    }));
  }
  /** What was told since the trip was opened, in short. */
  get told(): readonly string[] {
    return this.events
      .slice(1)
      .map((event) =>
        [event.kind, ...('line' in event ? [event.line] : []), ...('lines' in event ? event.lines : [])].join(' '),
      );
  }
  last<K extends TripEvent['kind']>(kind: K): TripEventOf<K> {
    return this.events.findLast((event): event is TripEventOf<K> => event.kind === kind)!;
  }
  readonly given = () => ({
    trip: this.trip,
    lines: this.lines,
    add: async (events: readonly TripEvent[]) => {
      if (this.isFull) return false;
      this.events.push(...events.map((event) => tripEventSchema.parse(event)));
      return true;
    },
    then: (line: string) => (line === 'deep' ? null : THEN),
    nowS: Date.now() / 1000,
    onChange: (line: string) => (this.changing = line),
  });
}

function onThe(phone: Phone) {
  const { result, rerender } = inAPage((given: ReturnType<Phone['given']>) => useTouches(given), {
    props: phone.given(),
  });
  const does = async (work: (touches: typeof result.current) => unknown) => {
    // Nobody touches twice in a millisecond.
    vi.advanceTimersByTime(10);
    await doing(() => work(result.current));
    await doing(() => rerender(phone.given()));
  };
  /** A moment later: nobody's hand slides so long. */
  const touch = (line: string) => {
    vi.advanceTimersByTime(1000);
    return does((touches) => touches.touch(line));
  };
  const passes = async (ms: number) => {
    vi.advanceTimersByTime(ms);
    await doing(() => rerender(phone.given()));
  };
  return { result, does, touch, passes };
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date', 'performance'], now: START * 1000 });
});
afterEach(() => {
  vi.useRealTimers();
});

describe('a touch of a line', () => {
  it('lets it out, then is a strike, then shows that strike', async () => {
    const phone = new Phone(['flat']);
    const { result, touch } = onThe(phone);
    await touch('flat');
    expect(phone.told).toEqual(['in flat']);
    expect(phone.last('in')).toMatchObject(gear);
    await touch('flat');
    expect(phone.told).toEqual(['in flat', 'strike flat']);
    const strike = phone.last('strike');
    expect(strike).toMatchObject({ touchedS: strike.atS, angler: null, then: { waterMps: 1.2 } });
    expect(result.current.shown?.id).toBe(strike.id);
    await touch('flat');
    expect(phone.told).toHaveLength(2);
    expect(result.current.shown?.id).toBe(strike.id);
  });

  it('says nothing of what was so where nobody knows', async () => {
    const phone = new Phone(['deep']);
    const { touch } = onThe(phone);
    await touch('deep');
    await touch('deep');
    expect(phone.last('strike').then).toBeNull();
  });

  it('goes to whose turn it is', async () => {
    const phone = new Phone(['a', 'b'], 'trolling', ['Ilse', 'Skipper']);
    const { touch } = onThe(phone);
    for (const line of ['a', 'b', 'a']) await touch(line);
    expect(phone.last('strike').angler).toBe('Ilse');
    await touch('b');
    expect(phone.last('strike').angler).toBe('Skipper');
  });

  it('takes weed off a line that has some', async () => {
    const phone = new Phone(['flat']);
    const { result, does, touch } = onThe(phone);
    await touch('flat');
    await does((touches) => touches.turn('weed'));
    await touch('flat');
    expect(result.current.mode).toBe('strike');
    await touch('flat');
    expect(phone.told).toEqual(['in flat', 'fouled flat', 'clean flat']);
    expect(phone.trip.strikes).toEqual([]);
  });

  it('says weed of a fishing line alone, and is one touch', async () => {
    const phone = new Phone(['flat']);
    const { result, does, touch } = onThe(phone);
    await does((touches) => touches.turn('weed'));
    await touch('flat');
    expect(phone.told).toEqual([]);
    expect(result.current.mode).toBe('strike');
  });

  it('takes lines in and lets them out while lines are at hand', async () => {
    const phone = new Phone(['a', 'b']);
    const { result, does, touch } = onThe(phone);
    await does((touches) => touches.turn('lines'));
    for (const line of ['a', 'a', 'a']) await touch(line);
    expect(phone.told).toEqual(['in a', 'out a', 'back a']);
    expect(result.current.mode).toBe('lines');
    await does((touches) => touches.turn('lines'));
    expect(result.current.mode).toBe('strike');
  });

  it('asks what is changed, and tells nothing by itself', async () => {
    const phone = new Phone(['a']);
    const { does, touch } = onThe(phone);
    await does((touches) => touches.turn('change'));
    await touch('a');
    expect(phone.changing).toBe('a');
    expect(phone.told).toEqual([]);
  });

  it('of a sliding hand is one touch, and twice of the same line are two', async () => {
    const phone = new Phone(['a', 'b']);
    const { does, touch } = onThe(phone);
    await touch('a');
    vi.advanceTimersByTime(200);
    await does((touches) => touches.touch('b'));
    expect(phone.told).toEqual(['in a']);
    vi.advanceTimersByTime(150);
    await does((touches) => touches.touch('b'));
    expect(phone.told).toEqual(['in a', 'in b']);
    vi.advanceTimersByTime(50);
    await does((touches) => touches.touch('b'));
    expect(phone.told).toEqual(['in a', 'in b', 'strike b']);
  });
});

describe('all lines', () => {
  it('go out together: new ones in, others back, and what fishes stays', async () => {
    const phone = new Phone(['a', 'b', 'c']);
    const { result, does, touch } = onThe(phone);
    await touch('a');
    await touch('b');
    await does((touches) => touches.takeIn(['b']));
    expect(result.current).toMatchObject({ fishing: ['a'], notOut: ['a'] });
    await does((touches) => touches.letOut(['a', 'b', 'c', 'none of these']));
    expect(phone.told).toEqual(['in a', 'in b', 'out b', 'back b', 'in c']);
    expect(result.current.fishing).toEqual(['a', 'b', 'c']);
  });

  it('come in together, those on which a fish is too; of none nothing is told', async () => {
    const phone = new Phone(['a', 'b']);
    const { result, does, touch } = onThe(phone);
    for (const line of ['a', 'b', 'b']) await touch(line);
    await does((touches) => touches.takeIn(touches.notOut));
    expect(phone.told.at(-1)).toBe('out a b');
    await does((touches) => touches.takeIn(touches.notOut));
    expect(phone.told.at(-1)).toBe('out a b');
    expect(result.current.notOut).toEqual([]);
  });

  it('of someone who casts are one rod in the hand: another one puts it down', async () => {
    const phone = new Phone(['light', 'heavy'], 'casting');
    const { result, touch } = onThe(phone);
    await touch('light');
    await touch('heavy');
    expect(phone.told).toEqual(['in light', 'out light', 'in heavy']);
    expect(result.current.fishing).toEqual(['heavy']);
  });
});

describe('what was touched', () => {
  it('can be taken back for twenty seconds', async () => {
    const phone = new Phone(['a']);
    const { result, does, touch, passes } = onThe(phone);
    await touch('a');
    await touch('a');
    expect(result.current.undoable).toEqual({ what: 'strike', leftS: 20 });
    await passes(12_500);
    expect(result.current.undoable).toEqual({ what: 'strike', leftS: 8 });
    await does((touches) => touches.undo());
    expect(phone.last('undone').of).toBe(phone.last('strike').id);
    expect(phone.trip.strikes).toEqual([]);
    expect(phone.trip.lines).toMatchObject([{ line: 'a', state: 'fishing' }]);
    expect(result.current.undoable).toBeNull();
  });

  it('is not taken back by a key that is pressed when nothing is offered any more', async () => {
    const phone = new Phone(['a']);
    const { result, does, touch, passes } = onThe(phone);
    await touch('a');
    await passes(20_001);
    expect(result.current.undoable).toBeNull();
    await does((touches) => touches.undo());
    expect(phone.told).toEqual(['in a']);
  });

  it('goes back whole, though it was several entries', async () => {
    const phone = new Phone(['light', 'heavy'], 'casting');
    const { result, does, touch } = onThe(phone);
    await touch('light');
    await touch('heavy');
    await does((touches) => touches.undo());
    expect(phone.told.filter((each) => each === 'undone')).toHaveLength(2);
    expect(result.current.fishing).toEqual(['light']);
  });

  it('is nothing to take back where the phone kept nothing', async () => {
    const phone = new Phone(['a']);
    const { result, touch } = onThe(phone);
    phone.isFull = true;
    await touch('a');
    expect(result.current.undoable).toBeNull();
    expect(phone.told).toEqual([]);
  });
});

describe('the strike in view', () => {
  it('is the last, until another is chosen; what is said of one keeps it there', async () => {
    const phone = new Phone(['a', 'b']);
    const { result, does, touch } = onThe(phone);
    for (const line of ['a', 'a', 'b', 'b']) await touch(line);
    const [first, second] = phone.trip.strikes;
    expect(result.current.shown?.id).toBe(second!.id);
    await does((touches) => touches.choose(first!.id));
    expect(result.current.shown?.id).toBe(first!.id);
    await does((touches) => touches.choose(null));
    await does((touches) =>
      touches.edit(first!.id, touches.tell, [
        { kind: 'retimed', id: crypto.randomUUID(), atS: Date.now() / 1000, of: first!.id, toS: START + 1, then: null },
      ]),
    );
    expect(result.current.shown).toMatchObject({ id: first!.id, atS: START + 1 });
  });
});
