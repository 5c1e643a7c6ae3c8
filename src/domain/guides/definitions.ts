import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { MATERIALS, type BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import { LINE_MATERIALS, type LineMaterial } from '@/core/tackle/defaults/line-materials';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { divesAlone, rodOf } from '@/core/rig';
import { waterProperties } from '@/core/water';
import { lineProperties, backingUnderM, lineATurnM, spoolCapacityM, resolveRod, rodBend } from '@/core/tackle';
import {
  accuracyTest,
  clutchTest,
  diveTest,
  floatTest,
  lineTest,
  meanOf,
  pullTest,
  setTest,
  sinkTest,
  weighed,
  windowTest,
} from '@/core/make';
import type { Guide } from './names';
import type { Part } from '../parts';
import { fieldsOf } from '../parts/fields';
import { measured, type Ask, type GuideDefinition } from './guide';

const WATER: readonly Ask[] = [
  { name: 'temperatureC', kind: 'figure', measure: 'temperature', start: 18 },
  { name: 'salinity', kind: 'figure', measure: 'salinity', start: 0 },
];
/** Fewer repeats than this and the spread is only the instrument's. */
const FEW = 3;
const few = (rows: readonly unknown[]) => (rows.length < FEW ? ['repeat'] : []);
const column = (rows: readonly Readonly<Record<string, number>>[], name: string) => rows.map((row) => row[name]!);
const massOf = (part: Part) => ('massKg' in part && part.massKg ? part.massKg.value : null);
const volumeOf = (part: Part): number | null => {
  if ('volumeM3' in part && part.volumeM3) return part.volumeM3.value;
  const mass = massOf(part);
  return mass !== null && 'material' in part && part.material in MATERIALS
    ? mass / MATERIALS[part.material as BodyMaterial].densityKgPm3
    : null;
};
const lengthsOf = (part: Part) =>
  fieldsOf(part.kind).flatMap((field) => (field.kind === 'quantity' && field.unit === 'm' ? [field.path] : []));

const weigh: GuideDefinition = {
  asks: () => [
    { name: 'count', kind: 'whole', start: 1 },
    { name: 'stepKg', kind: 'figure', measure: 'mass', start: 1e-4 },
  ],
  columns: () => [{ name: 'pileKg', measure: 'mass' }],
  find: (_, rows, { figure }) => {
    const { value, spread } = weighed({
      pilesKg: column(rows, 'pileKg'),
      count: figure('count') ?? 1,
      stepKg: figure('stepKg') ?? 1e-4,
    });
    return {
      results: [{ name: 'one-piece', value, measure: 'mass', spread }],
      after: { massKg: measured(value, 'kg', spread) },
      hints: spread > 0.05 ? ['more-pieces'] : [],
    };
  },
};

const hangTest: GuideDefinition = {
  asks: () => [{ name: 'tipAngleRad', kind: 'figure', measure: 'angle', start: null, optional: true }],
  columns: () => [
    { name: 'massKg', measure: 'mass' },
    { name: 'dropM', measure: 'size' },
  ],
  find: (part, rows, { figure }) => {
    if (part.kind !== 'rod') throw new Error('only a rod is hung');
    const { lengthM } = rodOf(part, DEFAULT_CLASSES);
    const angle = figure('tipAngleRad');
    const loads = rows.map(({ massKg, dropM }) => ({ massKg: massKg!, dropM: dropM! }));
    const rod = {
      lengthM,
      stiffness: { kind: 'hang-test', loads, ...(angle === null ? {} : { tipAngleRad: angle }) },
    } as const;
    const { buttEiNm2, tipRatio, fit } = resolveRod(rod);
    const heaviest = Math.max(...loads.map(({ massKg }) => massKg));
    const taper = { lengthM, stiffness: { kind: 'taper', buttEiNm2, tipRatio } } as const;
    const dropAt = (massKg: number) =>
      rodBend({ ...taper, pull: { forceN: massKg * STANDARD_GRAVITY_MPS2, angleRad: Math.PI / 2 } }).tip.yM;
    const guessed = loads.length === 1 && angle === null;
    const ratioSpread = fit!.tipRatioSd / tipRatio;
    return {
      results: [
        { name: 'rigidity', value: buttEiNm2, measure: 'rigidity', spread: fit!.buttEiSd / buttEiNm2 },
        { name: 'tip-ratio', value: tipRatio, measure: 'ratio', spread: ratioSpread },
        { name: 'rms-drop', value: fit!.rmsDropM ?? 0, measure: 'size' },
      ],
      after: {
        stiffness: {
          kind: 'taper',
          buttEiNm2: measured(buttEiNm2, 'N·m²', fit!.buttEiSd / buttEiNm2),
          tipRatio: guessed
            ? { value: tipRatio, unit: '1', provenance: 'class', spread: ratioSpread }
            : measured(tipRatio, '1', ratioSpread),
        },
      },
      hints: angle === null ? ['add-tip-angle'] : loads.length === 1 ? ['add-mass'] : [],
      plot: {
        x: 'mass',
        y: 'size',
        points: loads.map(({ massKg, dropM }) => [massKg, dropM]),
        curve: Array.from(
          { length: 17 },
          (_, i) => [(heaviest * 1.15 * i) / 16, dropAt((heaviest * 1.15 * i) / 16)] as const,
        ),
      },
    };
  },
};

const sinkGuide: GuideDefinition = {
  timed: 'timeS',
  asks: () => WATER,
  columns: () => [
    { name: 'depthM', measure: 'depth' },
    { name: 'timeS', measure: 'time' },
  ],
  find: (part, rows, { figure }) => {
    const [massKg, volumeM3] = [massOf(part), volumeOf(part)];
    if (massKg === null || volumeM3 === null) return { results: [], after: {}, hints: ['float-test-first'] };
    const found = sinkTest({
      water: { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 },
      massKg,
      volumeM3,
      falls: rows.map(({ depthM, timeS }) => ({ depthM: depthM!, timeS: timeS! })),
    });
    if (found.outcome === 'floats') return { results: [], after: {}, hints: ['it-floats'] };
    return {
      results: [
        { name: 'drag-area', value: found.dragAreaM2, measure: 'area', spread: found.spread },
        { name: 'terminal', value: found.terminalMps, measure: 'speed', spread: found.spread / 2 },
        { name: 'rms-time', value: found.rmsTimeS, measure: 'time' },
        { name: 'depth-for-tenth', value: found.depthForTenthM, measure: 'depth' },
      ],
      after: { dragAreaM2: measured(found.dragAreaM2, 'm²', found.spread) },
      hints: few(rows),
    };
  },
};

const floatGuide: GuideDefinition = {
  asks: () => [
    ...WATER,
    { name: 'addedMaterial', kind: 'choice', options: ['lead', 'tungsten', 'steel', 'brass'], start: 'lead' },
  ],
  columns: () => [{ name: 'addedKg', measure: 'mass' }],
  find: (part, rows, { figure, word }) => {
    const massKg = massOf(part);
    if (massKg === null) return { results: [], after: {}, hints: ['weigh-first'] };
    const found = floatTest({
      water: { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 },
      massKg,
      addedKg: column(rows, 'addedKg'),
      addedMaterial: word('addedMaterial') as BodyMaterial,
    });
    return {
      results: [
        { name: 'volume', value: found.volumeM3, measure: 'volume', spread: found.spread },
        { name: 'density', value: found.densityKgPm3, measure: 'density' },
      ],
      after: { volumeM3: measured(found.volumeM3, 'm³', found.spread) },
      hints: few(rows),
    };
  },
};

const calliper: GuideDefinition = {
  asks: (part) => [
    {
      name: 'path',
      kind: 'choice',
      options: lengthsOf(part),
      start: lengthsOf(part).includes('wireM') ? 'wireM' : (lengthsOf(part)[0] ?? 'lengthM'),
    },
    { name: 'stepM', kind: 'figure', measure: 'size', start: 1e-5 },
  ],
  columns: () => [{ name: 'readingM', measure: 'size' }],
  find: (_, rows, { figure, word }) => {
    const step = figure('stepM') ?? 1e-5;
    const { value, spread } = meanOf(column(rows, 'readingM'), { step, loneSd: step });
    return {
      results: [{ name: 'mean', value, measure: 'size', spread }],
      after: { [word('path')]: measured(value, 'm', spread) },
      hints: few(rows),
    };
  },
};

const pullGuide: GuideDefinition = {
  asks: (part) => [
    { name: 'stepN', kind: 'figure', measure: 'force', start: STANDARD_GRAVITY_MPS2 * 0.05 },
    ...(part.kind === 'knot'
      ? ([
          { name: 'material', kind: 'choice', options: [...Object.keys(LINE_MATERIALS)], start: 'fluorocarbon' },
          { name: 'onLineN', kind: 'figure', measure: 'force', start: null },
        ] as const)
      : []),
  ],
  columns: () => [{ name: 'pullN', measure: 'force' }],
  find: (part, rows, { figure, word }) => {
    const onLineN = part.kind === 'knot' ? figure('onLineN') : null;
    if (part.kind === 'knot' && onLineN === null) return { results: [], after: {}, hints: ['line-strength'] };
    const found = pullTest({
      pullsN: column(rows, 'pullN'),
      stepN: figure('stepN') ?? 0,
      ...(onLineN === null ? {} : { onLineN }),
    });
    const after =
      part.kind === 'knot'
        ? { [`shares.${word('material')}`]: measured(found.share!, '1', found.spread) }
        : { [part.kind === 'hook' ? 'openingN' : 'strengthN']: measured(found.meanN, 'N', found.spread) };
    return {
      results: [
        { name: 'mean', value: found.meanN, measure: 'force', spread: found.spread },
        ...(found.share === null
          ? []
          : [{ name: 'share', value: found.share, measure: 'share' as const, spread: found.spread }]),
        { name: 'least', value: found.leastN, measure: 'force' },
      ],
      after,
      hints: few(rows),
    };
  },
};

const lineGuide: GuideDefinition = {
  asks: () => [{ name: 'lengthM', kind: 'figure', measure: 'distance', start: 10 }],
  columns: () => [
    { name: 'forceN', measure: 'force' },
    { name: 'stretchM', measure: 'size' },
  ],
  find: (_, rows, { figure }) => {
    const lengthM = figure('lengthM') ?? 10;
    const pulls = rows.map(({ forceN, stretchM }) => ({ forceN: forceN!, stretchM: stretchM! }));
    const found = lineTest({ lengthM, pulls });
    const most = Math.max(...pulls.map(({ forceN }) => forceN)) * 1.15;
    return {
      results: [
        { name: 'ea', value: found.eaN, measure: 'force', spread: found.spread },
        { name: 'rms-stretch', value: found.rmsStretchM, measure: 'size' },
      ],
      after: { eaN: measured(found.eaN, 'N', found.spread) },
      hints: rows.length < 2 ? ['another-pull'] : [],
      plot: {
        x: 'force',
        y: 'size',
        points: pulls.map(({ forceN, stretchM }) => [forceN, stretchM]),
        curve: [
          [0, 0],
          [most, (most * lengthM) / found.eaN],
        ],
      },
    };
  },
};

const clutchGuide: GuideDefinition = {
  asks: () => [],
  columns: () => [
    { name: 'mark', measure: 'count' },
    { name: 'pullN', measure: 'force' },
    { name: 'fill', measure: 'share', optional: true },
  ],
  find: (_, rows) => {
    const found = clutchTest(rows.map(({ mark, pullN, fill }) => ({ mark: mark!, pullN: pullN!, fill: fill ?? 1 })));
    if (found.outcome === 'one-mark')
      return {
        results: [{ name: 'at-this-mark', value: found.pullAtFullN, measure: 'force', spread: found.spread }],
        after: {},
        hints: ['another-mark'],
      };
    const most = Math.max(...rows.map(({ mark }) => mark!));
    return {
      results: [
        { name: 'a-mark', value: found.perMarkN, measure: 'force', spread: found.spread },
        { name: 'at-zero', value: found.atZeroN, measure: 'force' },
        { name: 'strongest', value: found.strongestN, measure: 'force', spread: found.spread },
      ],
      after: {
        clutchMaxN: measured(found.strongestN, 'N', found.spread),
        clutchAtZeroN: measured(found.atZeroN, 'N', found.spread),
        clutchPerMarkN: measured(found.perMarkN, 'N', found.spread),
      },
      hints: few(rows),
      plot: {
        x: 'ratio',
        y: 'force',
        points: rows.map(({ mark, pullN, fill }) => [mark!, pullN! * (fill ?? 1)]),
        curve: [
          [0, found.atZeroN],
          [most * 1.1, found.atZeroN + found.perMarkN * most * 1.1],
        ],
      },
    };
  },
};

const spoolFill: GuideDefinition = {
  asks: () => [
    { name: 'material', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'braid' },
    { name: 'backingMaterial', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'nylon' },
    { name: 'backingDiameterM', kind: 'figure', measure: 'diameter', start: 3e-4 },
  ],
  columns: () => [
    { name: 'diameterM', measure: 'diameter' },
    { name: 'topShotM', measure: 'distance' },
  ],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'reel') throw new Error('only a reel is filled');
    const spool = {
      arborRadiusM: part.arborRadiusM.value,
      fullRadiusM: part.fullRadiusM.value,
      widthM: part.widthM.value,
    };
    const { diameterM, topShotM } = rows.at(-1)!;
    const line = { material: word('material') as LineMaterial, diameterM: diameterM! };
    const backing = backingUnderM(spool, line, topShotM!, {
      material: word('backingMaterial') as LineMaterial,
      diameterM: figure('backingDiameterM') ?? 3e-4,
    });
    return {
      results: [
        { name: 'capacity', value: spoolCapacityM(spool, line), measure: 'distance' },
        ...(backing === null ? [] : [{ name: 'backing', value: backing, measure: 'distance' as const }]),
        { name: 'a-turn', value: lineATurnM(spool.fullRadiusM, part.gearRatio.value), measure: 'size' },
        { name: 'a-turn-empty', value: lineATurnM(spool.arborRadiusM, part.gearRatio.value), measure: 'size' },
      ],
      after: {},
      hints: backing === null ? ['too-long'] : [],
    };
  },
};

const windowGuide: GuideDefinition = {
  asks: () => [],
  columns: () => [
    { name: 'startsMps', measure: 'speed' },
    { name: 'failsMps', measure: 'speed', optional: true },
  ],
  find: (_, rows) => {
    const { from, to } = windowTest({
      startsMps: column(rows, 'startsMps'),
      failsMps: rows.flatMap(({ failsMps }) => (failsMps === undefined ? [] : [failsMps])),
    });
    return {
      results: [
        { name: 'works-from', value: from.value, measure: 'speed', spread: from.spread },
        ...(to ? [{ name: 'works-to', value: to.value, measure: 'speed' as const, spread: to.spread }] : []),
      ],
      after: {
        worksFromMps: measured(from.value, 'm/s', from.spread),
        ...(to ? { worksToMps: measured(to.value, 'm/s', to.spread) } : {}),
      },
      hints: to ? few(rows) : ['faster-still'],
    };
  },
};

const accuracyGuide: GuideDefinition = {
  asks: () => [{ name: 'distanceM', kind: 'figure', measure: 'distance', start: 20 }],
  columns: () => [{ name: 'missesM', measure: 'distance' }],
  find: (_, rows, { figure }) => {
    const { share, halfWithinM } = accuracyTest({
      distanceM: figure('distanceM') ?? 20,
      missesM: column(rows, 'missesM'),
    });
    return {
      results: [
        { name: 'miss', value: share.value, measure: 'share', spread: share.spread },
        { name: 'half-within', value: halfWithinM, measure: 'distance' },
      ],
      after: { missShare: measured(share.value, '1', share.spread) },
      hints: rows.length < TEN_CASTS ? ['ten-casts'] : [],
    };
  },
};

/** So many casts tell how well one throws. */
const TEN_CASTS = 10;

const diveGuide: GuideDefinition = {
  asks: () => [
    ...WATER,
    { name: 'material', kind: 'choice', options: [...Object.keys(LINE_MATERIALS), 'lead-core'], start: 'braid' },
    { name: 'diameterM', kind: 'figure', measure: 'diameter', start: 2.8e-4 },
    { name: 'tipHeightM', kind: 'figure', measure: 'depth', start: 1.5 },
  ],
  columns: () => [
    { name: 'bottomM', measure: 'depth' },
    { name: 'lineM', measure: 'distance' },
    { name: 'speedMps', measure: 'speed' },
  ],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'hard-lure' && part.kind !== 'spoon' && part.kind !== 'diving-plane')
      throw new Error('only what is towed dives');
    const water = { temperatureC: figure('temperatureC') ?? 18, salinity: figure('salinity') ?? 0 };
    const { towDragM2: _, diveM2: __, ...asClass } = part;
    const alone = divesAlone(asClass as typeof part, DEFAULT_CLASSES, waterProperties(water));
    const line = lineProperties({
      material: word('material') as LineMaterial,
      diameterM: figure('diameterM') ?? 2.8e-4,
    });
    const found = diveTest({
      water,
      segments: [
        {
          lengthM: 0,
          diameterM: line.diameterM,
          massPerLengthKgPm: line.massPerLengthKgPm,
          tangentialCt: line.tangentialCt,
          normalDragFactor: line.normalDragFactor,
        },
      ],
      netWeightN: alone.netWeightN,
      tipHeightM: figure('tipHeightM') ?? 1.5,
      classDragM2: alone.dragAreaM2,
      // A spoon does not drive itself down; what it does is found from next to nothing.
      classDiveM2: Math.max(alone.downAreaM2 ?? 0, 0.02 * alone.dragAreaM2),
      readings: rows.map(({ bottomM, lineM, speedMps }) => ({ depthM: bottomM!, lineM: lineM!, speedMps: speedMps! })),
    });
    if (found.outcome === 'not-reached') return { results: [], after: {}, hints: ['dives-not'] };
    return {
      results: [
        { name: 'drag-area', value: found.dragAreaM2!, measure: 'area', spread: found.dragSpread! },
        { name: 'dive-area', value: found.downAreaM2!, measure: 'area', spread: found.downSpread! },
        { name: 'rms-depth', value: found.rmsDepthM!, measure: 'depth' },
      ],
      after: {
        towDragM2: measured(found.dragAreaM2!, 'm²', found.dragSpread!),
        diveM2: measured(found.downAreaM2!, 'm²', found.downSpread!),
      },
      hints: rows.length < 2 ? ['another-speed'] : [],
    };
  },
};

const setGuide: GuideDefinition = {
  asks: () => [
    { name: 'lineLengthM', kind: 'figure', measure: 'distance', start: 15 },
    { name: 'material', kind: 'choice', options: Object.keys(LINE_MATERIALS), start: 'braid' },
    { name: 'diameterM', kind: 'figure', measure: 'diameter', start: 2.8e-4 },
    { name: 'startRad', kind: 'figure', measure: 'angle', start: (25 * Math.PI) / 180 },
    { name: 'endRad', kind: 'figure', measure: 'angle', start: (105 * Math.PI) / 180 },
  ],
  columns: () => [{ name: 'peakN', measure: 'force' }],
  find: (part, rows, { figure, word }) => {
    if (part.kind !== 'rod') throw new Error('a set is made with a rod');
    const { eaN } = lineProperties({
      material: word('material') as LineMaterial,
      diameterM: figure('diameterM') ?? 2.8e-4,
    });
    const found = setTest({
      rod: rodOf(part, DEFAULT_CLASSES),
      sweep: { startRad: figure('startRad') ?? 0.44, endRad: figure('endRad') ?? 1.83, stepBackM: 0 },
      line: { lengthM: figure('lineLengthM') ?? 15, eaN },
      peaksN: column(rows, 'peakN'),
    });
    return {
      results: [
        { name: 'peak-moment', value: found.peakMoment.value, measure: 'moment', spread: found.peakMoment.spread },
        { name: 'slack', value: found.slack.value, measure: 'distance', spread: found.slack.spread },
        { name: 'take-up', value: found.takeUpM, measure: 'distance' },
      ],
      after: {},
      angler: {
        peakMomentNm: measured(found.peakMoment.value, 'N·m', found.peakMoment.spread),
        setSlackM: measured(found.slack.value, 'm', found.slack.value > 0 ? found.slack.spread : 1),
      },
      hints: few(rows),
    };
  },
};

export const GUIDE_DEFINITIONS: Readonly<Record<Guide, GuideDefinition>> = {
  weigh,
  'hang-test': hangTest,
  'sink-test': sinkGuide,
  'float-test': floatGuide,
  calliper,
  'pull-test': pullGuide,
  'line-test': lineGuide,
  'clutch-test': clutchGuide,
  'spool-fill': spoolFill,
  'window-test': windowGuide,
  'dive-test': diveGuide,
  'set-test': setGuide,
  'accuracy-test': accuracyGuide,
};
