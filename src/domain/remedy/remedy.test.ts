import { problemsAgainst } from '../../../tests/helpers/problems';
import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../tests/helpers/demo';
import { applyChange, type Change } from '@/core/decide';
import { evaluate } from '@/core/judge';
import { hookStep } from '@/core/tackle';
import { quantitiesOf } from '@/core/base/quantity';
import { demoParts } from '@/db/demo';
import { fitsJoint } from '../fits';
import { partSchema, type Part } from '../parts';
import { setupFileSchema, type SetupFile } from '../setup';
import { changesFor } from './changes';
import { classPartsFor } from './class-parts';
import { techniqueChanges } from './techniques';

const newest = demoFiles.filter((each) => each.newest).map(({ id, file }) => [id, file] as const);
const problemsOf = problemsAgainst(setupFileSchema);
const techniquesOf = (file: SetupFile) => techniqueChanges(file, evaluate(file));
const isOf =
  <K extends Change['kind']>(kind: K) =>
  (change: Change): change is Extract<Change, { kind: K }> =>
    change.kind === kind;

describe('what can be done otherwise', () => {
  it.each(newest)('%s: each can be saved, and is not what is done already', (_, file) => {
    const changes = techniquesOf(file);
    expect(changes.length).toBeGreaterThan(0);
    for (const change of changes) {
      const after = applyChange(file, change);
      expect(problemsOf(after), JSON.stringify(change)).toEqual([]);
      expect(after, JSON.stringify(change)).not.toEqual(file);
    }
  });

  it.each(newest)('%s: none is offered twice', (_, file) => {
    const places = techniquesOf(file).map((change) =>
      change.kind === 'part'
        ? ''
        : `${change.kind === 'joint' ? `${change.jointId} ${change.field}` : change.path} ${change.value}`,
    );
    expect(places.filter((place, i) => places.indexOf(place) !== i)).toEqual([]);
  });

  const said = (file: SetupFile) =>
    new Set(techniquesOf(file).map((change) => (change.kind === 'part' ? '' : change.technique)));

  it('offers a cast nothing that only a tow has, and the other way round', () => {
    for (const [id, file] of newest) {
      const offered = said(file);
      const isCast = file.presentation.kind === 'cast';
      expect(offered.has('shorter-cast'), id).toBe(isCast);
      expect(offered.has('more-line') && isCast, id).toBe(false);
      expect(offered.has('holder-lean'), id).toBe(
        file.presentation.kind === 'towed' && file.presentation.held === 'holder',
      );
    }
  });

  it('steps nobody back who sits or stands in a boat', () => {
    const wall = demoFile('setup-drowned-wall');
    const standing = {
      ...wall,
      presentation: { ...wall.presentation, stance: 'standing', craftId: null },
    } as SetupFile;
    expect(said(standing)).toContain('step-back');
    for (const change of [{ stance: 'seated' }, { stance: 'wading' }, { craftId: 'wren' }])
      expect(said({ ...standing, presentation: { ...standing.presentation, ...change } } as SetupFile)).not.toContain(
        'step-back',
      );
  });

  it('asks for a stronger set only where there is one', () => {
    const wall = demoFile('setup-drowned-wall');
    const way = (now: string) => ({
      ...wall,
      presentation: { ...wall.presentation, sweep: { ...wall.presentation.sweep, way: now } },
    });
    const ways = (now: string) =>
      techniquesOf(way(now) as SetupFile).flatMap((change) =>
        change.kind === 'present' && change.path === 'sweep.way' ? [change.value] : [],
      );
    expect(ways('wrist')).toEqual(expect.arrayContaining(['one-arm', 'two-hand']));
    expect(ways('two-hand')).not.toContain('wrist');
  });

  it('tightens and loosens the drag about where it is, and says which', () => {
    const wall = demoFile('setup-drowned-wall');
    const { clutchN } = wall.presentation;
    for (const change of techniquesOf(wall)
      .filter(isOf('present'))
      .filter(({ path }) => path === 'clutchN'))
      expect(change.technique).toBe((change.value as number) < clutchN! ? 'lower-clutch' : 'higher-clutch');
    const locked = { ...wall, presentation: { ...wall.presentation, clutchN: null } };
    const settings = techniquesOf(locked)
      .filter(isOf('present'))
      .filter(({ path }) => path === 'clutchN');
    expect(settings.length).toBeGreaterThan(0);
    expect(settings.every(({ technique }) => technique === 'lower-clutch')).toBe(true);
  });

  it('takes more or less cable behind a ball, lead behind a board, and line without either', () => {
    const ball = demoFiles.find(
      ({ file: { presentation: p } }) => p.kind === 'towed' && p.gear?.kind === 'downrigger',
    )!.file;
    const pathsOf = (file: SetupFile) =>
      new Set(
        techniquesOf(file)
          .filter(isOf('present'))
          .filter(({ technique }) => technique === 'more-line')
          .map(({ path }) => path),
      );
    expect(pathsOf(ball)).toEqual(new Set(['gear.cableM']));
    const gear = { kind: 'side-planer', leadM: 10, boardM: 15 };
    expect(pathsOf({ ...ball, presentation: { ...ball.presentation, gear } } as SetupFile)).toEqual(
      new Set(['gear.leadM']),
    );
    expect(pathsOf({ ...ball, presentation: { ...ball.presentation, gear: undefined } } as SetupFile)).toEqual(
      new Set(['lineOutM']),
    );
  });
});

describe('what could stand in a joint', () => {
  it.each(newest)(
    '%s: classes of part that are whole, hold every figure as of a class, and bear no name',
    (_, file) => {
      for (const joint of file.chain) {
        const now = file.parts.find(({ id }) => id === joint.partId)!;
        const classes = classPartsFor(joint, now);
        expect(new Set(classes.map(({ id }) => id)).size).toBe(classes.length);
        for (const part of classes) {
          expect(part.kind).toBe(now.kind);
          expect(partSchema.safeParse(part).success, JSON.stringify(part)).toBe(true);
          expect('name' in part).toBe(false);
        }
      }
    },
  );

  it('looks for hooks three sizes about the one that is there, in each wire', () => {
    const file = demoFile('setup-drowned-wall');
    const joint = file.chain.find(({ kind }) => kind === 'hook')!;
    const now = file.parts.find(({ id }) => id === joint.partId)!;
    if (now.kind !== 'hook') throw new Error('no hook');
    const hooks = classPartsFor(joint, now).filter((part) => part.kind === 'hook');
    const at = hookStep(now.size)!;
    const steps = hooks.map(({ size }) => hookStep(size)! - at);
    expect([Math.min(...steps), Math.max(...steps)]).toEqual([-3, 3]);
    for (const hook of hooks)
      expect(quantitiesOf(hook).every(([, { provenance }]) => provenance === 'class')).toBe(true);
  });

  it('never ties a leader of braid, nor the line that is there once more', () => {
    const file = demoFile('setup-drowned-wall');
    for (const joint of file.chain.filter(({ kind }) => kind === 'leader' || kind === 'line')) {
      const now = file.parts.find(({ id }) => id === joint.partId)!;
      if (now.kind !== 'line') throw new Error('no line');
      for (const part of classPartsFor(joint, now)) {
        if (part.kind !== 'line') throw new Error('no line');
        if (joint.kind === 'leader') expect(part.material).not.toBe('braid');
        expect(part.material === now.material && part.strengthN?.value === now.strengthN?.value).toBe(false);
      }
    }
  });
});

describe('changes for a setup', () => {
  it.each(newest)('%s: own parts fit where they are put, and the bait is left alone', (_, file) => {
    const { changes, together } = changesFor(file, demoParts);
    for (const change of [...changes, ...together.flat()].filter(isOf('part'))) {
      const joints = change.jointIds.map((jointId) => file.chain.find(({ id }) => id === jointId)!);
      for (const joint of joints) {
        expect(['lure', 'bait', 'attractor', 'snell']).not.toContain(joint.kind);
        if (change.from === 'box') expect(fitsJoint(change.part as Part, file.chain, joint, demoParts)).toBe(true);
        expect(change.part.id).not.toBe(joint.partId);
      }
      // What is changed in several joints at once is the same part in all of them.
      expect(new Set(joints.map(({ partId }) => partId)).size).toBe(1);
    }
  });

  it('brings a reel along with each rod whose seat does not take the one that is on', () => {
    const feather = demoFile('setup-feather');
    const { together } = changesFor(feather, demoParts);
    expect(together.length).toBeGreaterThan(0);
    for (const pair of together) {
      const kinds = pair.map((change) => (change.kind === 'part' ? change.part.kind : change.kind));
      expect(kinds).toEqual(['rod', 'reel']);
    }
  });

  it('without a Box looks among classes alone', () => {
    const { changes, together } = changesFor(demoFile('setup-drowned-wall'), []);
    expect(together).toEqual([]);
    expect(changes.filter(isOf('part')).every(({ from }) => from === 'class')).toBe(true);
  });
});
