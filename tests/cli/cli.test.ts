import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { run } from '@/cli/run';
import { evaluate } from '@/core/judge';
import { MODELS } from '@/domain/contract';
import { demoFiles } from '../helpers/demo';

const ferula = (args: readonly string[], input = '') => run(args, () => input);
const compute = (model: string, input: unknown, ...options: readonly string[]) =>
  ferula(['compute', model, ...options], typeof input === 'string' ? input : JSON.stringify(input));

const rodBend = {
  lengthM: 1,
  stiffness: { kind: 'taper', buttEiNm2: 1, tipRatio: 1 },
  pull: { forceN: 1, angleRad: Math.PI / 2 },
};

const window = {
  rod: { lengthM: 1.9, stiffness: { kind: 'class', power: 'medium', action: 'fast' } },
  pullAngleRad: 1.4,
  line: [{ lengthM: 20, eaN: 1500 }],
  fishKg: 2,
  speedMps: 0.5,
  neededN: 12,
  openingN: 70,
  weakestN: 80,
  tearN: 110,
};

describe('ferula compute', () => {
  it('prints one JSON object that its own output schema takes', async () => {
    const { status, stdout, stderr } = await compute('rod-bend', rodBend);
    expect([status, stderr]).toEqual([0, '']);
    const answer: unknown = JSON.parse(stdout);
    expect(MODELS.find(({ name }) => name === 'rod-bend')!.output.safeParse(answer).success).toBe(true);
    expect(answer).toMatchObject({ outcome: 'ok', tip: { yM: expect.closeTo(0.30172, 4) } });
  });

  it('gives the bytes of evaluate for every demo setup, in the shape its schema says', async () => {
    const setup = MODELS.find(({ name }) => name === 'setup')!;
    for (const { file } of demoFiles) {
      const result = setup.run(JSON.parse(JSON.stringify(file)));
      expect(result.ok && JSON.stringify(result.data)).toBe(JSON.stringify(evaluate(file)));
      expect(result.ok && setup.output.safeParse(result.data).error).toBe(undefined);
    }
    expect((await compute('setup', demoFiles[0]!.file)).stdout).toBe(
      `${JSON.stringify(evaluate(demoFiles[0]!.file))}\n`,
    );
  });

  it.each<[string, string, unknown, readonly string[]]>([
    [
      'text for a number',
      'rod-bend',
      { ...rodBend, lengthM: '1' },
      ['lengthM: given "1", allowed a value of type number'],
    ],
    [
      'null for a number',
      'rod-bend',
      { ...rodBend, pull: { forceN: null, angleRad: 1 } },
      ['pull.forceN: given null, allowed a value of type number'],
    ],
    [
      'an unknown field',
      'rod-bend',
      { ...rodBend, pull: { forceN: 1, angleRad: 1, colour: 2 } },
      ['pull.colour: given 2, allowed no field of this name'],
    ],
    [
      'an unknown variant',
      'rod-bend',
      { ...rodBend, stiffness: { kind: 'taperd' } },
      ['stiffness.kind: given "taperd", allowed one of taper, class, window, line-class, hang-test'],
    ],
    [
      'a heavier mass that drops less',
      'rod-bend',
      {
        ...rodBend,
        stiffness: {
          kind: 'hang-test',
          loads: [
            { massKg: 0.1, dropM: 0.3 },
            { massKg: 0.2, dropM: 0.2 },
          ],
        },
      },
      ['stiffness.loads[1].dropM: given 0.2, allowed 0.3 to '],
    ],
    [
      'a fall quicker than without drag',
      'fit-sink',
      {
        water: { temperatureC: 15, salinity: 0 },
        massKg: 0.01,
        volumeM3: 4e-6,
        falls: [
          { depthM: 1.2, timeS: 2 },
          { depthM: 1.2, timeS: 0.1 },
        ],
      },
      ['falls[1].timeS: given 0.1, allowed 0.6'],
    ],
    ['no readings', 'fit-pull', { pullsN: [], stepN: 1 }, ['pullsN: given [], allowed at least 1 items']],
    [
      'a knot stronger than its line',
      'fit-pull',
      { pullsN: [200], stepN: 1, onLineN: 80 },
      ['pullsN[0]: given 200, allowed 0 to 100'],
    ],
    [
      'a count that is no whole number',
      'fit-weigh',
      { pilesKg: [0.01], count: 1.5, stepKg: 1e-4 },
      ['count: given 1.5'],
    ],
    ['text that is no JSON', 'rod-bend', '{"a":', ['$: given ']],
    ['an unknown model', 'rod-band', {}, ['MODEL: given "rod-band", allowed one of ']],
    ['neither of two fields', 'line', { material: 'nylon' }, ['strengthN: given nothing']],
    [
      'two of one',
      'sink',
      {
        water: { temperatureC: 9, salinity: 0 },
        bodies: [{ massKg: 1, volumeM3: 1e-4, material: 'lead', dragAreaM2: 1e-4 }],
        line: { diameterM: 1e-4, densityKgPm3: 1000, tangentialCt: 0 },
        mode: 'free',
        depthsM: [],
      },
      ['bodies[0].material: given "lead", allowed exactly one of'],
    ],
    [
      'a tight line without a length',
      'sink',
      {
        water: { temperatureC: 9, salinity: 0 },
        bodies: [{ massKg: 1, material: 'lead', dragAreaM2: 1e-4 }],
        line: { diameterM: 1e-4, densityKgPm3: 1000, tangentialCt: 0 },
        mode: 'tight-line',
        depthsM: [1],
      },
      ['lineLengthM: given nothing'],
    ],
    [
      'a window upside down',
      'cast-fit',
      {
        rod: { lengthM: 2, stiffness: { kind: 'class', power: 'medium', action: 'fast' } },
        massKg: 0.01,
        ratingKg: [0.02, 0.01],
        style: 'pitch',
        weakestN: 50,
      },
      ['ratingKg[1]: given 0.01'],
    ],
    [
      'a spool that is more than full',
      'drag-window',
      { ...window, spool: { fullRadiusM: 0.02, nowRadiusM: 0.03 } },
      ['spool.nowRadiusM: given 0.03'],
    ],
    [
      'a hook that opens at nothing',
      'drag-window',
      { ...window, openingN: 0 },
      ['openingN: given 0, allowed more than 0'],
    ],
    [
      'a stroke past straight back',
      'fight',
      { rod: window.rod, pull: { forceN: 10, angleRad: 1 }, stroke: { fromRad: 0.2, toRad: 3.2 } },
      ['stroke.toRad: given 3.2'],
    ],
    [
      'a part with a negative mass',
      'trim',
      { water: { temperatureC: 9, salinity: 0 }, parts: [{ name: 'a', massKg: -1, volumeM3: 1e-6, xM: 0, zM: 0 }] },
      ['parts[0].massKg: given -1, allowed at least 0'],
    ],
    [
      'no part',
      'trim',
      { water: { temperatureC: 9, salinity: 0 }, parts: [] },
      ['parts: given [], allowed at least 1 items'],
    ],
    [
      'a rig without a hook',
      'checks',
      { ...demoFiles[0]!.file, chain: demoFiles[0]!.file.chain.slice(0, 7) },
      ['chain[7]: given '],
    ],
    [
      'two at once',
      'chain',
      {
        joints: [
          { name: 'a', strengthN: 0 },
          { name: 'b', onLineN: 5, share: 2 },
        ],
      },
      ['joints[0].strengthN: given 0, allowed more than 0', 'joints[1].share: given 2, allowed at most 1'],
    ],
  ])('refuses %s: exit 2, nothing on stdout, a line a problem', async (_name, model, input, lines) => {
    const { status, stdout, stderr } = await compute(model, input);
    expect([status, stdout]).toEqual([2, '']);
    const given = stderr.trimEnd().split('\n');
    expect(given).toHaveLength(lines.length);
    lines.forEach((line, i) => expect(given[i]!.startsWith(line), `${given[i]} starts with ${line}`).toBe(true));
  });

  it('answers a physical limit that only the computation sees as a bad input too', async () =>
    expect(await compute('rod-bend', { ...rodBend, pull: { forceN: 5000, angleRad: 1 } })).toMatchObject({
      status: 2,
      stdout: '',
      stderr: expect.stringContaining('loadRatio: given 5000') as string,
    }));
});

it('ferula models lists the models; ferula schema gives JSON Schema both ways, unions told apart by a field too', async () => {
  expect((await ferula(['models'])).stdout.split('\n').filter(Boolean)).toEqual([
    'water',
    'rod-bend',
    'cast-fit',
    'line',
    'hookset',
    'drag-window',
    'sink',
    'trim',
    'tow',
    'turn',
    'current',
    'chain',
    'fight',
    'load-up',
    'winding',
    'small-craft',
    'setup',
    'checks',
    'fit-weigh',
    'fit-calliper',
    'fit-float',
    'fit-sink',
    'fit-pull',
    'fit-line',
    'fit-clutch',
    'fit-set',
    'fit-window',
    'fit-dive',
    'fit-accuracy',
    'line-count',
    'tripped',
    'cable-shock',
    'bottom-weight',
    'drift-weight',
    'depth-card',
    'weight-table',
    'countdown',
    'cast',
    'hand-load',
    'rod-scores',
    'quiver',
    'jig-stand',
    'jig-cut',
    'tying',
    'cutting-stock',
    'sizing',
    'suit',
    'spread',
    'spread-arrange',
    's-turn',
    'wake',
    'change-point',
    'what-moved',
    'steadiness',
    'translate',
    'again',
    'exposure',
    'trial',
    'trial-plan',
    'trial-size',
    'trial-live',
    'trial-live-share',
    'trial-strata',
    'confounders',
    'rates',
    'judge',
    'ranges',
    'sweep',
    'remedy',
    'part',
    'rig',
  ]);
  const { input, output } = JSON.parse((await ferula(['schema', 'water'])).stdout) as {
    input: { properties: { water: { anyOf: unknown[] } } };
    output: { required: string[] };
  };
  expect(input.properties.water.anyOf).toHaveLength(2);
  expect(output.required).toContain('densityKgPm3');
  expect(await ferula(['schema', 'nope'])).toMatchObject({ status: 2, stdout: '' });
  expect(await ferula(['paint'])).toMatchObject({
    status: 2,
    stderr: expect.stringMatching(/^COMMAND: given "paint", allowed one of compute, schema, models/) as string,
  });
});

it('takes a JSON object a line, answers each in its order, and goes on after one that cannot be', async () => {
  const lines = [rodBend, { ...rodBend, lengthM: -1 }, rodBend].map((each) => JSON.stringify(each)).join('\n');
  const { status, stdout, stderr } = await compute('rod-bend', `${lines}\n\nnonsense\n`, '--lines');
  const answers = stdout
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line) as object);
  expect([status, stderr]).toEqual([2, '']);
  expect(answers[0]).toEqual(answers[2]);
  expect(answers[1]).toEqual({ error: ['lengthM: given -1, allowed more than 0'] });
  expect(answers[3]).toMatchObject({ error: [expect.stringMatching(/^\$: /)] });
  expect((await compute('rod-bend', JSON.stringify(rodBend), '--lines')).status).toBe(0);
  expect(await compute('rod-bend', rodBend, '--fast')).toMatchObject({
    status: 2,
    stdout: '',
    stderr: expect.stringContaining('OPTION'),
  });
});

it('from the shell: the bytes and the exit of the same call', async () => {
  const shell = (args: readonly string[], input: string) =>
    spawnSync(join(process.cwd(), 'ferula'), args, { input, encoding: 'utf8' });
  for (const input of [rodBend, { ...rodBend, lengthM: '1' }]) {
    const { status, stdout, stderr } = shell(['compute', 'rod-bend'], JSON.stringify(input));
    expect({ status, stdout, stderr }).toEqual(await compute('rod-bend', input));
  }
  const wall = demoFiles[0]!.file;
  expect(shell(['compute', 'setup'], JSON.stringify(wall)).stdout).toBe(`${JSON.stringify(evaluate(wall))}\n`);
});
