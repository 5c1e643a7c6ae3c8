import { sideOf, type Found, type Rule } from '../rule';

/** Trebles or single in-line hooks under a plug: the house takes a side. */
export const plugHooks: Rule = (input) => {
  const side = sideOf(input, 'plug-hooks');
  return input.rig.ends.flatMap(({ assembly, hooks }): Found[] => {
    if (assembly.bearer.kind !== 'lure' || assembly.bearer.part.kind !== 'hard-lure') return [];
    const [hook] = hooks;
    const sort = hook?.spec.points === 'treble' ? 'treble' : 'inline';
    if (!hook || sort === side) return [];
    return [
      { severity: 'note', verdict: 'set', joints: [hook.jointId], code: sort, facts: {}, school: 'plug-hooks', side },
    ];
  });
};
