import type { Assembly } from '../../../rig';
import { nothing, type Rule } from '../rule';

/** Open points in weed catch weed. */
export const openPointsInWeed: Rule = ({ rig, presentation }) => {
  const { cover } = presentation;
  if (cover === 'open') return nothing;
  const open = rig.hooks.filter(
    (hook) => hook.point === 'open' && rig.classes.guards[hook.guard].forceN === 0 && !guarded(hook.end.assembly),
  );
  const [worst] = open.toSorted((a, b) => Number(b.spec.points === 'treble') - Number(a.spec.points === 'treble'));
  if (!worst) return nothing;
  const treble = worst.spec.points === 'treble';
  const severity = cover === 'dense' ? 'fails' : treble ? 'edge' : 'note';
  return [{ severity, verdict: 'set', joints: [worst.jointId], facts: { points: worst.spec.points, cover } }];
};

const guarded = (assembly: Assembly) =>
  assembly.attached.some((each) => each.kind === 'hardware' && each.part.form === 'hook-guard');
