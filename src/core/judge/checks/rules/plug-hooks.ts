import { sideOf, type Found, type Rule } from '../rule';

/** Trebles or single in-line hooks under a plug: the house takes a side. */
export const plugHooks: Rule = (input) => {
  const side = sideOf(input, 'plug-hooks');
  return input.rig.ends.flatMap(({ assembly, hooks }): Found[] => {
    if (assembly.bearer.kind !== 'lure' || assembly.bearer.part.kind !== 'hard-lure') return [];
    const other = hooks.find(({ spec }) => sortOf(spec) !== side);
    if (!other) return [];
    return [
      {
        severity: 'note',
        verdict: 'set',
        joints: [other.jointId],
        code: sortOf(other.spec),
        facts: {},
        school: 'plug-hooks',
        side,
      },
    ];
  });
};

const sortOf = ({ points }: { readonly points: string }) => (points === 'treble' ? 'treble' : 'inline');
