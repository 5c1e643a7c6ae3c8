import { connectionBefore } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** Snap, ring or knot before a plug or spoon: the house takes a side. */
export const lureLink: Rule = (input) => {
  const side = sideOf(input, 'lure-link');
  return input.rig.ends.flatMap(({ assembly, bearerId }): Found[] => {
    if (
      assembly.bearer.kind !== 'lure' ||
      (assembly.bearer.part.kind !== 'hard-lure' && assembly.bearer.part.kind !== 'spoon')
    )
      return [];
    const link = connectionBefore(input.rig, assembly);
    const form =
      link?.kind === 'knot'
        ? 'knot'
        : link?.kind !== 'link'
          ? null
          : link.fitted.part.form === 'snap'
            ? 'snap'
            : link.fitted.part.form === 'split-ring' || link.fitted.part.form === 'solid-ring'
              ? 'ring'
              : null;
    if (form === null || form === side) return [];
    return [
      { severity: 'note', verdict: 'balance', joints: [bearerId], code: form, facts: {}, school: 'lure-link', side },
    ];
  });
};
