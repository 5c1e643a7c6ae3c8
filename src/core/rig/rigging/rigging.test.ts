import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { CLASS_FIGURES, classesWith, DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import { evaluate } from '../../judge';
import type { Joint, Setup } from '../../tackle';
import { elementsOf, fitChain, isAssembly, leadersM, readRig, trimmed, trimmedMassShare } from '.';

const kinds = (setup: Setup) =>
  elementsOf(fitChain(setup)).map((element) =>
    element.kind === 'assembly' ? `assembly of ${element.bearer.kind}` : element.kind,
  );
const chained = (setup: Setup, chain: readonly Joint[]): Setup => ({ ...setup, chain });

describe('elementsOf', () => {
  it.each([
    ['pegged-weedless', ['piece', 'knot', 'piece', 'threaded', 'knot', 'assembly of hook']],
    [
      'tandem',
      ['piece', 'knot', 'piece', 'knot', 'assembly of jig-head', 'knot', 'piece', 'knot', 'assembly of jig-head'],
    ],
    ['plug', ['piece', 'knot', 'piece', 'knot', 'link', 'assembly of lure']],
    ['fast-head', ['piece', 'knot', 'link', 'link', 'piece', 'threaded', 'link', 'assembly of hook']],
    ['drop-weight', ['piece', 'knot', 'piece', 'knot', 'assembly of hook', 'knot', 'piece', 'knot', 'inline']],
    ['bouncer-harness', ['piece', 'knot', 'inline', 'link', 'assembly of snell']],
  ] as const)('takes %s apart', (rig, expected) => expect(kinds(sampleOf(rig))).toEqual(expected));

  it('loses no joint but rod and reel', () => {
    for (const rig of RIG_IDS) {
      const sample = sampleOf(rig);
      const ids = elementsOf(fitChain(sample)).flatMap((element) =>
        element.kind === 'assembly'
          ? [element.bearer.joint.id, ...element.attached.map(({ joint }) => joint.id)]
          : element.kind === 'threaded'
            ? [element.fitted.joint.id, ...element.skirts.map(({ joint }) => joint.id)]
            : [element.fitted.joint.id],
      );
      expect(ids).toEqual(sample.chain.slice(2).map(({ id }) => id));
    }
  });

  it('lets a pegged weight ride with its bait and a free one not', () => {
    const [pegged, free] = (['pegged-weedless', 'sliding-weedless'] as const).map(
      (rig) => elementsOf(fitChain(sampleOf(rig))).find(isAssembly)!.pegged,
    );
    expect(pegged?.joint.id).toBe('weight');
    expect(free).toBeNull();
  });
});

describe('readRig of every rig', () => {
  it.each([...RIG_IDS])('%s: what is thrown is what its bodies weigh, and each hook has a joint', (rig) => {
    const sample = sampleOf(rig);
    const read = readRig(sample);
    expect(read.castMassKg).toBeCloseTo(
      read.bodies.reduce((sum, { massKg }) => sum + massKg, 0),
      15,
    );
    expect(read.hooks.length).toBeGreaterThan(0);
    for (const { jointId } of read.hooks) expect(sample.chain.map(({ id }) => id)).toContain(jointId);
    for (const { masses } of read.ends)
      for (const { massKg, volumeM3 } of masses) expect(Math.min(massKg, volumeM3)).toBeGreaterThanOrEqual(0);
  });

  it('ends the strength chain at the last hook: a tag with its weight holds no fish', () => {
    const { chain, pieces } = readRig(sampleOf('drop-weight'));
    expect(chain.joints.map(({ name }) => name)).toEqual(['line', 'leader-knot', 'leader', 'hook-knot', 'hook']);
    expect(pieces).toHaveLength(3);
  });

  it('carries the pull of a rear bait through the eye of the front one', () =>
    expect(readRig(sampleOf('tandem')).chain.joints.map(({ name }) => name)).toEqual([
      'line',
      'leader-knot',
      'leader',
      'front-knot',
      'front-head',
      'rear-leader-knot',
      'rear-leader',
      'hook-knot',
      'jig-head',
    ]));

  it('names the hooks that come with a part, and takes a crimp for a share of its line', () => {
    const { chain, pieces, classes } = readRig(sampleOf('towed-minnow'));
    expect(chain.joints.map(({ name }) => name)).toEqual([
      'line',
      'line-knot',
      'swivel',
      'front-crimp',
      'leader',
      'rear-crimp',
      'lure:hook',
    ]);
    expect(chain.joints[3]!.strengthN).toBeCloseTo(classes.crimp.share.value * pieces[1]!.line.strengthN, 9);
  });

  it('judges the set by the hook that is hardest to drive, and never by a stinger', () => {
    const { hook, hooks } = readRig(demoFile('setup-big-tail'));
    expect(hook.role).toBe('main');
    expect(hooks.map(({ role }) => role)).toEqual(['main', 'stinger']);
  });
});

describe('swapping what hangs on a lure', () => {
  const plug = demoFile('setup-reef-plug');
  const lures = (setup: Setup) => readRig(setup).ends[0]!;
  it('weighs the lure with the new hooks in the place of those it came with', () => {
    const bare = chained(
      plug,
      plug.chain.filter(({ id }) => id !== 'hook' && id !== 'hook-ring'),
    );
    const part = plug.parts.find(({ kind }) => kind === 'hard-lure')!;
    const mass = (setup: Setup) => lures(setup).masses.reduce((sum, { massKg }) => sum + massKg, 0);
    expect(mass(bare)).toBeCloseTo('massKg' in part ? part.massKg!.value : 0, 9);
    const [ring, hook] = ['split-ring-7', 'hook-treble-8'].map((id) => plug.parts.find((each) => each.id === id)!);
    const stock = lures(bare).hooks[0]!.spec.massKg;
    expect(mass(plug) - mass(bare)).toBeCloseTo(
      2 * (('massKg' in hook! ? hook.massKg!.value : 0) + ('massKg' in ring! ? ring.massKg!.value : 0) - stock),
      9,
    );
  });
  it('lies nose up when the tail hook is heavier, and sinks when both are', () => {
    const heavy = (massKg: number): Setup => ({
      ...plug,
      parts: plug.parts.map((part) =>
        part.kind === 'hook' ? { ...part, massKg: { ...part.massKg, value: massKg } } : part,
      ),
    });
    expect(evaluate(heavy(0.0004)).figures.balance.ends[0]!.trim.outcome).toBe('floats');
    expect(evaluate(heavy(0.004)).figures.balance.ends[0]!.trim.outcome).toBe('sinks');
  });
});

describe('trimming by segments', () => {
  const trailer = { lengthM: { value: 0.09 }, tail: 'twin-tail', segments: 12 } as const;
  it('shortens the trunk evenly and leaves the tail whole', () => {
    expect(trimmed(trailer, 0)).toBe(0.09);
    expect(trimmed(trailer, 12)).toBeCloseTo(0.09 * 0.45, 12);
    expect(trimmed(trailer, 3) - trimmed(trailer, 6)).toBeCloseTo(trimmed(trailer, 6) - trimmed(trailer, 9), 12);
    expect(trimmed({ lengthM: { value: 0.09 }, tail: 'twin-tail' }, 5)).toBe(0.09);
  });
  it('takes more mass than length, since trunks are thicker than tails', () => {
    for (const off of [1, 4, 8, 12]) expect(trimmedMassShare(trailer, off)).toBeLessThan(trimmed(trailer, off) / 0.09);
    expect(trimmedMassShare(trailer, 0)).toBe(1);
  });
  it('lightens and shortens the rig', () => {
    const [whole, cut] = [1, 2].map((revision) =>
      readRig(demoFiles.find((each) => each.id === 'setup-bladed' && each.revision === revision)!.file),
    );
    expect(cut!.castMassKg).toBeLessThan(whole!.castMassKg);
    expect(cut!.ends[0]!.body!.lengthM).toBeLessThan(whole!.ends[0]!.body!.lengthM);
  });
});

describe('class values', () => {
  it('stand at a path each, and are the tables themselves while nobody changed one', () => {
    expect(new Set(CLASS_FIGURES.map(({ path }) => path)).size).toBe(CLASS_FIGURES.length);
    expect(classesWith({})).toBe(DEFAULT_CLASSES);
    expect(classesWith({ 'no.such.path': 1 })).toBe(DEFAULT_CLASSES);
    for (const { reason, path } of CLASS_FIGURES) expect(reason, path).not.toBe('');
  });
  it('change one figure and leave the table as it was', () => {
    const changed = classesWith({ 'knots.doubled-eye.shares.braid': 0.5 });
    expect(changed.knots['doubled-eye'].shares.braid).toBe(0.5);
    expect(DEFAULT_CLASSES.knots['doubled-eye'].shares.braid).toBe(0.8);
    expect(changed.knots['doubled-eye'].shares.nylon).toBe(0.9);
  });
  it.each([
    ['knots.crossed-wrap.shares.fluorocarbon', 0.5, (setup: Setup) => readRig(setup).chain.joints[1]!.strengthN],
    ['mouths.bony.strengthMpa', 4, (setup: Setup) => evaluate(setup).verdicts.set.value!],
    ['castStyles.overhead.accelerationMps2', 50, (setup: Setup) => evaluate(setup).figures.throw!.castFit.dropShare],
    ['materials.soft-salted.densityKgPm3', 1080, (setup: Setup) => evaluate(setup).verdicts.fall.value!],
    ['tails.paddle-tail.perLengthSquared', 0.02, (setup: Setup) => evaluate(setup).verdicts.fall.value!],
    ['lineMaterials.fluorocarbon.modulusPa', 1.5e9, (setup: Setup) => evaluate(setup).figures.set!.stretchM],
    ['grips.one-handed.valueM', 0.4, (setup: Setup) => readRig(setup).rod.lengthM],
    ['guards.skin-hooked.forceN', 6, (setup: Setup) => evaluate(setup).figures.hook.neededN],
    ['fallWindows.steady.fromMps', 0.6, (setup: Setup) => evaluate(setup).verdicts.fall.limits!.soundFrom!],
    ['compression.weedless.share', 0.6, (setup: Setup) => readRig(setup).hook.clearGapM!],
  ] as const)('%s reaches its figure', (path, value, read) => {
    const wall: Setup = demoFile('setup-drowned-wall');
    expect(read({ ...wall, house: { ...wall.house!, classes: { [path]: value } } })).not.toBeCloseTo(read(wall), 6);
  });
  it('gives a power word another force', () => {
    const flat: Setup = demoFile('setup-long-flat');
    const power = (kgf: number) =>
      evaluate({ ...flat, house: { ...flat.house!, classes: { 'rodPowers.medium-heavy.powerKgf': kgf } } }).figures
        .powerN;
    // Word and printed window say it together, by their geometric mean.
    expect(power(1) / power(0.25)).toBeCloseTo(2, 4);
  });
});

it('adds up all leaders, a snell’s line too', () => {
  expect(leadersM(readRig(sampleOf('tandem')))).toBeCloseTo(1.45, 12);
  expect(leadersM(readRig(sampleOf('bouncer-harness')))).toBeCloseTo(1.2, 12);
});
