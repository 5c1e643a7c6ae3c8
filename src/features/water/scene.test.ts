import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../tests/helpers/demo';
import type { TowedPresentation } from '@/domain/presentation';
import type { SetupFile } from '@/domain/setup';
import type { WaterSetup } from '@/server/queries/water-page';
import { extentOf, mostStretch, neededPx, scaleFor } from './column/column-scale';
import {
  bandDepths,
  asDraft,
  BOTTOM_TABLE,
  heavyOf,
  lineOf,
  readTable,
  setupIn,
  startScene,
  temperatureAt,
  TEMPERATURE_TABLE,
  writeTable,
} from './scene';
import { countdownDepths } from './use-water';
import { valueByKey } from '@/features/fields/handle';

const inWater = (id: string): WaterSetup => ({
  id: id as WaterSetup['id'],
  name: id,
  number: 1,
  version: 1,
  file: demoFile(id) as SetupFile,
});
const harness = inWater('setup-crawler-harness');
const fly = inWater('setup-char-flasher');
const wall = inWater('setup-drowned-wall');

describe('the scene', () => {
  it('starts with the deepest bottom that a setup names, and changes nothing of the setups', () => {
    const scene = startScene([harness, fly]);
    expect(scene.bottom).toEqual([{ behindM: 0, depthM: 34 }]);
    expect(setupIn(scene, harness)).toEqual(harness.file);
    expect(startScene([wall])).toMatchObject({ bottom: [], layers: [], speedMps: null });
  });
  it('gives all towed setups one speed and one current, and each its own line and weight', () => {
    const scene = {
      ...startScene([harness, fly]),
      speedMps: 0.9,
      layers: [{ depthM: 0, alongMps: 0.2 }],
      own: { [harness.id]: { lineM: 9, massKg: 0.05 }, [fly.id]: { lineM: 4, massKg: 5 } },
    };
    const [onBottom, behindBall] = [
      setupIn(scene, harness, scene.own[harness.id]),
      setupIn(scene, fly, scene.own[fly.id]),
    ];
    for (const { presentation } of [onBottom, behindBall])
      expect(presentation).toMatchObject({ speedMps: 0.9, layers: [{ depthM: 0, alongMps: 0.2 }] });
    expect(lineOf(onBottom.presentation as TowedPresentation)).toBe(9);
    expect(heavyOf(onBottom)).toMatchObject({ kind: 'part', massKg: 0.05 });
    expect(lineOf(behindBall.presentation as TowedPresentation)).toBe(4);
    expect(heavyOf(behindBall)).toEqual({ kind: 'ball', massKg: 5 });
    expect(setupIn(scene, wall, { massKg: 0.02 }).presentation).toEqual(wall.file.presentation);
  });
});

describe('what is asDraft of the picture', () => {
  it('is how the setup was fished in it: speed, line, current and the bottom where it ran; no part is changed', () => {
    const scene = {
      ...startScene([harness]),
      speedMps: 0.7,
      bottom: [
        { behindM: 0, depthM: 4 },
        { behindM: 20, depthM: 8 },
      ],
      own: { [harness.id]: { lineM: 11, massKg: 0.1 } },
    };
    const draft = asDraft(scene, { ...harness, setup: setupIn(scene, harness, scene.own[harness.id]) }, 10);
    expect(draft.presentation).toMatchObject({ speedMps: 0.7, lineOutM: 11, bottomM: 6 });
    expect(draft.chain).toBe(harness.file.chain);
    expect(asDraft(startScene([wall]), { ...wall, setup: wall.file }, null)).toEqual({
      chain: wall.file.chain,
      presentation: wall.file.presentation,
    });
  });
});

describe('temperatures', () => {
  const readings = [
    { depthM: 0, temperatureC: 14 },
    { depthM: 6, temperatureC: 12 },
    { depthM: 10, temperatureC: 6 },
  ];
  it('stand straight between readings, and nowhere else', () => {
    expect(temperatureAt(readings, 8)).toBeCloseTo(9, 12);
    expect(temperatureAt(readings, 0)).toBe(14);
    expect(temperatureAt(readings, 11)).toBeNull();
    expect(temperatureAt([], 1)).toBeNull();
  });
  it('tell at which depths a band lies', () => {
    const [band] = bandDepths(readings, { fromC: 8, toC: 12 });
    expect(band!.fromM).toBeCloseTo(6, 0);
    expect(band!.toM).toBeCloseTo(8.67, 1);
    expect(bandDepths(readings, { fromC: 20, toC: 25 })).toEqual([]);
  });
});

describe('tables from files', () => {
  it('go out and come back the same', () => {
    const rows = [
      { behindM: 0, depthM: 8 },
      { behindM: 20, depthM: 12.5 },
    ];
    expect(readTable(BOTTOM_TABLE, writeTable(BOTTOM_TABLE, rows))).toEqual({ rows, refused: [], missing: [] });
  });
  it('are sorted, and say line by line what they refuse', () => {
    const read = readTable(
      TEMPERATURE_TABLE,
      '\uFEFFdepth [m],temperature [°C]\r\n6,"9,5"\r\n0,14\r\nsix,3\r\n6,8\r\n4,99\r\n8,\r\n',
    );
    expect(read.rows).toEqual([
      { depthM: 0, temperatureC: 14 },
      { depthM: 6, temperatureC: 9.5 },
    ]);
    expect(read.refused).toEqual([
      { line: 4, code: 'not-a-number', given: 'six' },
      { line: 5, code: 'twice', given: '6' },
      { line: 6, code: 'outside', given: '99' },
      { line: 7, code: 'not-a-number', given: '' },
    ]);
  });
  it('say which column is missing', () =>
    expect(readTable(BOTTOM_TABLE, 'x,y\n1,2')).toEqual({
      rows: [],
      refused: [],
      missing: ['behind [m]', 'depth [m]'],
    }));
});

describe('the picture', () => {
  const extent = { leftM: -6, rightM: 48, topM: 3, deepM: 5 };
  it('is drawn to scale, or deeper where there is room, and never higher than the sheet', () => {
    const flat = scaleFor(extent, 900, 600, 1);
    expect(flat.x(10) - flat.x(0)).toBeCloseTo(flat.y(10) - flat.y(0), 9);
    const times = mostStretch(extent, 900, 600);
    expect(times).toBeGreaterThan(1);
    const deep = scaleFor(extent, 900, 600, times);
    expect(deep.y(5)).toBeLessThanOrEqual(600);
    expect(deep.y(2) - deep.y(1)).toBeCloseTo(times * (deep.x(2) - deep.x(1)), 9);
    expect(deep.y(-1) - deep.y(-2)).toBeCloseTo(deep.x(2) - deep.x(1), 9);
    expect(neededPx(extent, 900, 600, 1)).toBeLessThan(300);
    expect(neededPx({ ...extent, deepM: 60 }, 900, 600, 1)).toBe(600);
  });
  it('takes in a bottom deeper than the lines', () => {
    expect(extentOf([], 20, 8).deepM).toBeCloseTo(21.2, 9);
  });
  it('counts down to the wanted depth among round ones', () => {
    const metres = { inUnit: (value: number) => value };
    expect(countdownDepths(3, metres)).toContain(3);
    expect(countdownDepths(3.3, metres)).toContain(3.3);
    expect(countdownDepths(40, metres).length).toBeLessThan(20);
  });
});

describe('a handle', () => {
  const at = { value: 40, min: 0.5, max: 400, step: 0.5 };
  const press = (key: string, shiftKey = false) => valueByKey({ key, shiftKey }, at);
  it('goes by steps, by ten of them, and to its ends', () => {
    expect([press('ArrowRight'), press('ArrowUp'), press('ArrowLeft', true)]).toEqual([40.5, 40.5, 35]);
    expect([press('PageUp'), press('PageDown'), press('Home'), press('End')]).toEqual([45, 35, 0.5, 400]);
  });
  it('leaves other keys to the page', () =>
    expect([press('k'), press('Enter'), press('Tab')]).toEqual([null, null, null]));
});
