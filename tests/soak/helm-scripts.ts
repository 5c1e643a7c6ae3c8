import { seeded } from '@/core/base/numeric';
import type { WhatMoved } from '@/core/afloat';
import { probeDepthBy } from '@/domain/helm/probe-depth';
import { movedIn, type Moved } from '@/domain/helm/moved';
import { Tracks } from '@/domain/helm/tracks';
import { readSentence } from '@/domain/instruments/nmea';
import { Router, USUAL_ROUTES } from '@/domain/instruments/routes';
import type { Scenario, ScriptEvent } from '@/domain/instruments/simulated/scenario';
import { SCENARIOS } from '@/domain/instruments/simulated/scenarios';
import { sentencesOf } from '@/domain/instruments/simulated/sentences';
import { world } from '@/domain/instruments/simulated/world';

/** What resolves a channel, as `what-moved` has it. */
const FLOOR = { mps: 0.02, celsius: 0.1, depthM: 0.3 } as const;
const AT_S = 170;
const UNTIL_S = 300;

export interface HelmScript {
  readonly seed: number;
  readonly truth: 'boat' | 'sensor' | 'water' | 'course';
  /** the change over the floor of what changed */
  readonly floors: number;
  readonly scenario: Scenario;
}

/** One change on the lake, of a kind and a size that the seed decides: at least `least` floors of `what-moved`. */
export function helmScript(seed: number, { least = 2, turns = false } = {}): HelmScript {
  const random = seeded(9000 + seed);
  const lake = SCENARIOS['lake']!;
  const floors = least + 18 * random();
  const sign = random() < 0.5 ? -1 : 1;
  const kinds = ['boat', 'sensor', 'water-speed', 'water-temperature'] as const;
  const kind = turns ? 'course' : kinds[seed % kinds.length]!;
  const current = [{ depthM: 0, speedMps: 0.05 + 0.1 * random(), towardRad: 6 * random() }];
  const base: Scenario = { ...lake, current, throughMps: 0.9 + 0.6 * random(), headingRad: 6 * random(), script: [] };
  const event = (): ScriptEvent => {
    switch (kind) {
      case 'boat':
        return { atS: AT_S, kind: 'throttle', throughMps: Math.max(0.5, base.throughMps + sign * floors * FLOOR.mps) };
      case 'sensor':
        return { atS: AT_S, kind: 'probe', cableM: base.probe.cableM + sign * floors * FLOOR.depthM * 1.1 };
      case 'water-speed': {
        // The water at the probe quickens or slackens along the boat's way, above it nothing changes.
        const by = -sign * floors * FLOOR.mps * 1.05;
        const along = { depthM: 12, speedMps: Math.abs(by), towardRad: base.headingRad + (by < 0 ? Math.PI : 0) };
        const [n, e] = [
          current[0]!.speedMps * Math.cos(current[0]!.towardRad) + along.speedMps * Math.cos(along.towardRad),
          current[0]!.speedMps * Math.sin(current[0]!.towardRad) + along.speedMps * Math.sin(along.towardRad),
        ];
        return {
          atS: AT_S,
          kind: 'current',
          layers: [
            current[0]!,
            { ...current[0]!, depthM: 8 },
            { depthM: 12, speedMps: Math.hypot(n, e), towardRad: Math.atan2(e, n) },
          ],
        };
      }
      case 'water-temperature': {
        const { thermocline } = base;
        const by = sign * floors * FLOOR.celsius * 1.05;
        return {
          atS: AT_S,
          kind: 'thermocline',
          thermocline: { ...thermocline, surfaceC: thermocline.surfaceC + by, deepC: thermocline.deepC + by },
        };
      }
      case 'course':
        return { atS: AT_S, kind: 'course', headingRad: base.headingRad + sign * (0.5 + 1.5 * random()) };
    }
  };
  return {
    seed,
    truth: kind === 'boat' || kind === 'sensor' || kind === 'course' ? kind : 'water',
    floors,
    scenario: { ...base, script: [event()] },
  };
}

/** What the helm says of a script: everything that it told, in order. */
export function toldOf({ scenario, seed }: HelmScript, { cableKnown = true } = {}): readonly Moved[] {
  const tracks = new Tracks();
  const router = new Router(USUAL_ROUTES);
  const depthAt = cableKnown ? probeDepthBy({ ...scenario.probe, cable: 'steel-cable', water: scenario.water }) : null;
  const told: Moved[] = [];
  let fromS = -Infinity;
  for (const moment of world(scenario, seed)) {
    const nowS = scenario.start.atS + moment.atS;
    for (const line of sentencesOf(moment, scenario.start.atS)) {
      const read = readSentence(line);
      if (read.kind === 'read')
        for (const { channel, value } of router.route(read.said, nowS).taken) tracks.record(channel, nowS, value);
    }
    if (moment.atS % 6 === 0) {
      const found = movedIn(tracks, { nowS, fromS, depthAt });
      if (found) {
        told.push(found);
        fromS = found.atS + 14;
      }
    }
    if (moment.atS >= UNTIL_S) return told;
  }
  return told;
}

export type Verdict = 'right' | 'wrong' | 'cant-tell' | 'not-told';

export function verdictOf(script: HelmScript): {
  readonly verdict: Verdict;
  readonly said: WhatMoved['outcome'] | null;
} {
  const told = toldOf(script);
  const startS = script.scenario.start.atS;
  const first = told.find(({ atS }) => Math.abs(atS - startS - AT_S) < 40);
  const false_ = told.find((each) => each !== first);
  if (false_ && !first) return { verdict: 'wrong', said: false_.outcome };
  // A turn that changes no figure of the probe needs no word.
  if (!first) return { verdict: script.truth === 'course' ? 'right' : 'not-told', said: null };
  if (first.outcome === 'cant-tell') return { verdict: 'cant-tell', said: first.outcome };
  return { verdict: first.outcome === script.truth ? 'right' : 'wrong', said: first.outcome };
}
