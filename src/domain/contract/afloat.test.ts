import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../tests/helpers/demo';
import { MODELS } from '.';

const model = (name: string) => MODELS.find((each) => each.name === name)!;
const run = (name: string, input: unknown) => {
  const result = model(name).run(input);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return model(name).output.parse(result.data) as Record<string, unknown>;
};
const problems = (name: string, input: unknown) => {
  const result = model(name).run(input);
  return result.ok ? [] : result.problems.map(({ path }) => path);
};

const harness = demoFile('setup-crawler-harness');
const wall = demoFile('setup-drowned-wall');
const water = { temperatureC: 9, salinity: 0 };
const nylon = { lengthM: 30, diameterM: 3e-4, massPerLengthKgPm: 8.1e-5 };
const spool = { arborRadiusM: 0.011, fullRadiusM: 0.024, widthM: 0.04 };

describe('models of the water, as the shell reaches them', () => {
  it('answer as their schemas say', () => {
    expect(
      run('tow', {
        water,
        speedMps: 1,
        segments: [nylon],
        end: { netWeightN: 0.5, dragAreaM2: 1e-3 },
        solve: { for: 'depth' },
      })['outcome'],
    ).toBe('ok');
    expect(
      run('tow', {
        water,
        speedMps: 1,
        segments: [nylon],
        end: { dragAreaM2: 1e-3 },
        solve: { for: 'weight', depthM: 6, surfaceAngleRad: 0.8 },
      })['netWeightN'],
    ).toBeGreaterThan(0);
    expect(
      run('bottom-weight', { setup: harness, depthM: 6, surfaceAngleRad: 0.8, bottom: 'sand', material: 'lead' })[
        'massKg'
      ],
    ).toBeGreaterThan(0);
    expect(
      run('drift-weight', {
        setup: harness,
        windMps: 4,
        windAgainstRad: 0,
        surfaceMps: 0.2,
        bottomMps: 0,
        depthM: 8,
        offPlumbRad: 0.3,
        material: 'lead',
      })['outcome'],
    ).toBe('ok');
    expect(run('depth-card', { setup: harness, linesM: [10, 20], speedsMps: [0.4, 0.6] })['depthsM']).toHaveLength(2);
    expect(run('countdown', { setup: wall, depthsM: [1, 3] })['changes']).not.toHaveLength(0);
    expect(
      run('line-count', { by: 'counter', count: 20, spool, line: { material: 'braid', diameterM: 3e-4 } })['lengthM'],
    ).toBeLessThan(20);
    expect(run('tripped', { depthM: 12, leadM: 9, speedMps: 1, rodSpringM: 1 })['slackM']).toBeCloseTo(6, 12);
    expect(
      run('cable-shock', { speedMps: 1, ballKg: 4, eaN: 5e4, strengthN: 700, cableM: 15 })['margin'],
    ).toBeGreaterThan(1);
    expect(run('turn', { radiusM: 30, speedMps: 1, lines: [{ offsetM: 2, laybackM: 10 }] })['lines']).toHaveLength(1);
  });

  it('take back the tow call that a towed setup ran by', () => {
    for (const { file } of demoFiles.filter(({ file: { presentation } }) => presentation.kind === 'towed')) {
      const { figures } = run('setup', file) as {
        figures: {
          tow: { running: { asked: object; depthM: number; outcome: string; release: { depthM: number } | null } };
        };
      };
      const { asked, depthM, outcome, release } = figures.tow.running;
      const alone = run('tow', asked)['depthM'] as number;
      // What lies on the bottom beside its weight is said no deeper than the bottom.
      if (outcome === 'runs') expect(alone + (release?.depthM ?? 0)).toBeCloseTo(depthM, 9);
      else expect(alone).toBeGreaterThanOrEqual(depthM - 1e-6);
    }
  });

  it('name the field that is wrong', () => {
    const tow = {
      water,
      speedMps: 1,
      segments: [nylon],
      end: { netWeightN: 0.5, dragAreaM2: 1e-3 },
      solve: { for: 'depth' },
    };
    expect(problems('tow', { ...tow, end: { dragAreaM2: 1e-3 } })).toEqual(['end.netWeightN']);
    expect(
      problems('tow', {
        ...tow,
        current: [
          { depthM: 3, alongMps: 0 },
          { depthM: 3, alongMps: 1 },
        ],
      }),
    ).toEqual(['current[1].depthM']);
    expect(problems('tow', { ...tow, weights: [{ afterSegment: 1, netWeightN: 1, dragAreaM2: 0 }] })).toEqual([
      'weights[0].afterSegment',
    ]);
    expect(problems('tow', { ...tow, solve: { for: 'line-out' } })).toEqual(['solve.depthM']);
    expect(problems('tow', { ...tow, solve: { for: 'angle' } })).toEqual(['solve.for']);
    expect(
      problems('bottom-weight', { setup: wall, depthM: 6, surfaceAngleRad: 0.8, bottom: 'sand', material: 'lead' }),
    ).toEqual(['setup.presentation.kind']);
    expect(problems('countdown', { setup: harness, depthsM: [1] })).toEqual(['setup.presentation.kind']);
    expect(
      problems('line-count', {
        by: 'counter',
        count: 20,
        spool: { ...spool, arborRadiusM: 0.03 },
        line: { material: 'braid', diameterM: 3e-4 },
      }),
    ).toEqual(['spool.fullRadiusM']);
    expect(
      problems('line-count', { by: 'counter', count: 4000, spool, line: { material: 'braid', diameterM: 3e-4 } }),
    ).toEqual(['count']);
    expect(problems('current', { runs: [] })).toEqual(['runs']);
  });
});
