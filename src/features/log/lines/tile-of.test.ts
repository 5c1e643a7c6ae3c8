import { describe, expect, it } from 'vitest';
import { wordsIn } from '../../../../tests/helpers/words';
import { setupIdSchema } from '@/domain/ids';
import type { GearIn } from '@/domain/log/planned';
import { tripOf, type LineNow, type Trip } from '@/domain/log/trip';
import type { SolvedLine } from '@/domain/spread/solve';
import { LOCALES } from '@/i18n/preferences';
import { lineOutText, thenRows } from '../then-words';
import { inText, tileOf } from './tile-of';

const english = wordsIn({ locale: 'en', units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' });
const setupId = setupIdSchema.parse('setup-char-flasher');
const gear: GearIn = { setupId, revision: 1, rodId: null, pointId: 'holder-1', lineM: 40, cableM: null, mark: '' };
const nowS = 10_000;
const bare = tripOf([]);
const now = (state: LineNow['state'], sinceS = nowS - 48 * 60, changed = {}): LineNow => ({
  line: 'a',
  state,
  sinceS,
  gear: { ...gear, changed },
});

function tile(given: Partial<Parameters<typeof tileOf>[1]> = {}) {
  return tileOf(english, {
    line: 'a',
    number: 3,
    gear,
    now: now('fishing'),
    point: null,
    page: { setups: [{ id: setupId, name: 'Char flasher' }] } as unknown as Parameters<typeof tileOf>[1]['page'],
    solved: new Map(),
    throughMps: null,
    nowS,
    trip: bare,
    chosen: null,
    reminders: {},
    ...given,
  });
}
const solvedAt = (depthM: number, fast: number) =>
  new Map([
    [
      'a',
      {
        depthM,
        depthsAt: [
          { speedMps: 1, depthM },
          { speedMps: 2, depthM: fast },
        ],
      } as unknown as SolvedLine,
    ],
  ]);

describe('a line on the Log', () => {
  it('fishing: its lure, how much line is out, for how long', () => {
    expect(tile()).toMatchObject({ name: 'Char flasher', state: 'fishing', third: '48 min in', isChosen: false });
    expect(tile().second).toMatch(/40/);
    expect(tile({ chosen: 'a' }).isChosen).toBe(true);
  });

  it('says its depth where it is worked out, at the speed through the water where that is read', () => {
    expect(tile({ solved: solvedAt(12.4, 8) }).second).toMatch(/12\.4 m/);
    expect(tile({ solved: solvedAt(12.4, 8), throughMps: 2 }).second).toMatch(/8 m/);
    expect(tile({ solved: solvedAt(12.4, 8), throughMps: 1.5 }).second).toMatch(/10\.2 m/);
  });

  it.each(['planned', 'out', 'fouled', 'fought'] as const)('%s: what to touch it for', (state) => {
    const said = tile({ now: state === 'planned' ? null : now(state) });
    expect(said.state).toBe(state);
    expect([said.second, said.third].join()).not.toMatch(/undefined|NaN|log\./);
    expect(said.third).not.toBe(tile().third);
  });

  it('is called by what was put on in place of its own, with its colour', () => {
    const changed = { lure: { partId: null, name: 'Hammered spoon' }, colour: { partId: null, name: 'copper' } };
    expect(tile({ now: now('fishing', nowS, changed) }).name).toMatch(/Hammered spoon.*copper/);
    expect(tile({ page: { setups: [] } as never }).name).toBe('–');
  });

  it('asks for a look at the weed when its time is over, and only while it fishes', () => {
    const reminders = { a: 30 };
    const due = tile({ reminders });
    expect(due.third).not.toBe('48 min in');
    expect(tile({ reminders: { a: 60 } }).third).toBe('48 min in');
    expect(tile({ reminders, now: now('out') }).third).toBe(tile({ now: now('out') }).third);
  });
});

describe('how long and how much', () => {
  it.each([
    [0, '0 min in'],
    [59, '0 min in'],
    [48 * 60 + 59, '48 min in'],
    [70 * 60, '1 h 10 in'],
    [125 * 60, '2 h 05 in'],
    [-5, '0 min in'],
  ])('%d s is “%s”', (forS, text) => expect(inText(english, forS)).toBe(text));

  it('a ball with the line behind it, a flat line, its mark; nothing of what is in a hand', () => {
    expect(lineOutText(english, { lineM: 11, cableM: 16.5, mark: '' })).toMatch(/16\.5 m.*11 m/);
    expect(lineOutText(english, { lineM: 40, cableM: null, mark: ' yellow thread ' })).toMatch(
      /40 m.* · .*yellow thread/,
    );
    expect(lineOutText(english, { lineM: null, cableM: null, mark: '' })).toBeNull();
    expect(lineOutText(english, null)).toBeNull();
  });
});

describe.each(LOCALES)('what was true at a strike, in %s', (locale) => {
  const words = wordsIn({ ...english.preferences, locale });
  type Then = NonNullable<Trip['strikes'][number]['then']>;
  const nothing = {
    latDeg: null,
    lonDeg: null,
    headingRad: null,
    cogRad: null,
    sogMps: null,
    waterMps: null,
    probeMps: null,
    probeC: null,
    probeM: null,
    surfaceC: null,
    bottomM: null,
    lureM: null,
    fasterMps: null,
    turnRadPerS: null,
  } as unknown as Then;
  const rows = (then: Partial<Then> | null, xM: number | null = -1) =>
    thenRows(
      words,
      { then: then === null ? null : { ...nothing, ...then }, gear: { ...gear, changed: {} } },
      { number: 3, xM },
    );

  it('is the line alone where nothing was read', () => {
    for (const then of [null, {}]) expect(rows(then).map(([, text]) => text)).toEqual([lineOutText(words, gear)]);
  });

  it('is a row for each thing that was read, in words of the language', () => {
    const all = rows({
      lureM: 12,
      probeMps: 0.8,
      probeC: 7.5,
      probeM: 14,
      sogMps: 1.1,
      cogRad: 1,
      waterMps: 0.9,
      fasterMps: 0.3,
      turnRadPerS: 0.05,
      surfaceC: 15,
      bottomM: 40,
      headingRad: 1,
      latDeg: 46.5,
      lonDeg: 8,
    } as Partial<Then>);
    expect(all).toHaveLength(11);
    expect(new Set(all.map(([name]) => name)).size).toBe(11);
    for (const row of all) expect(row.join()).not.toMatch(/undefined|NaN|log\./);
  });

  it('tells the inside of a turn from the outside by the side of the rod', () => {
    const turned = (turnRadPerS: number, xM: number | null) => rows({ turnRadPerS } as Partial<Then>, xM).at(-1)![1];
    expect(turned(0.05, -3)).not.toBe(turned(0.05, 3));
    expect(turned(0.05, -3)).not.toBe(turned(-0.05, -3));
    expect(turned(0.001, -3)).toBe(turned(0, 3));
  });

  it('tells faster, slower and as it was in the last minute', () => {
    const minute = (fasterMps: number) => rows({ fasterMps } as Partial<Then>).at(-1)![1];
    expect(new Set([0.4, -0.4, 0].map(minute)).size).toBe(3);
  });
});
