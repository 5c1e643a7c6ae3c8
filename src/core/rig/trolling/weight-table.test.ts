import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import type { Setup, TowedPresentation } from '../../tackle';
import { readRig } from '../rigging';
import { bottomWeight, rightWeight, runRig, weightTable } from '.';

const harness: Setup = demoFile('setup-crawler-harness');
const presentation = harness.presentation as TowedPresentation;
const ask = { surfaceAngleRad: Math.PI / 4, bottom: 'sand', share: 0.3, material: 'lead' } as const;
const depthsM = [4, 8, 12];
const speedsMps = [0.3, 0.5, 0.8];
const { massesKg } = weightTable(readRig(harness), presentation, { ...ask, depthsM, speedsMps });

describe('weights by depth and speed', () => {
  it('has a row a depth and a column a speed', () =>
    expect(massesKg.map((row) => row.length)).toEqual(depthsM.map(() => speedsMps.length)));

  it('asks more with speed, and with depth', () => {
    for (const [d, row] of massesKg.entries())
      for (const [v, kg] of row.entries()) {
        if (v > 0) expect(kg!).toBeGreaterThan(row[v - 1]!);
        if (d > 0) expect(kg!).toBeGreaterThan(massesKg[d - 1]![v]!);
      }
  });

  it.each(
    depthsM.flatMap((depthM, d) => speedsMps.map((speedMps, v) => [depthM, speedMps, massesKg[d]![v]!] as const)),
  )('at %d m and %d m/s it is the weight of the single tool', (depthM, speedMps, kg) =>
    expect(bottomWeight(readRig(harness), { ...presentation, speedMps }, { ...ask, depthM }).massKg!).toBeCloseTo(
      kg,
      9,
    ),
  );
});

describe('the weight that would be right', () => {
  it('put on the rig with its line out, has the asked angle and contact', () => {
    const depthM = 8;
    const { massKg, lineOutM } = rightWeight(readRig(harness), presentation, { ...ask, depthM });
    const parts = harness.parts.map((part) =>
      part.kind === 'bottom-bouncer' ? { ...part, massKg: { ...part.massKg, value: massKg! } } : part,
    );
    const rig = readRig({ ...harness, parts });
    const airM = runRig(rig, presentation).tipHeightM / Math.sin(ask.surfaceAngleRad);
    const running = runRig(rig, { ...presentation, bottomM: depthM, lineOutM: lineOutM! + airM });
    expect(running.contact!.share).toBeCloseTo(ask.share, 1);
    expect(running.surfaceAngleRad!).toBeCloseTo(ask.surfaceAngleRad, 1);
  });
});
