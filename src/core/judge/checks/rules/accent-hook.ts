import { sideOf, type Found, type Rule } from '../rule';

/** A coloured hook draws the strike: it belongs where the hooks have most gap, and where the house wants it. */
export const accentHook: Rule = (input) => {
  const side = sideOf(input, 'accent-place');
  const colour = sideOf(input, 'hook-colour');
  return input.rig.ends.flatMap((end): Found[] => {
    const accents = end.hooks.filter(({ spec }) => spec.accent);
    const [accent] = accents;
    if (!accent) return [];
    const found: Found[] = [];
    if (colour === 'plain')
      found.push({
        severity: 'note',
        verdict: 'set',
        joints: [accent.jointId],
        code: 'plain',
        facts: {},
        school: 'hook-colour',
        side: colour,
      });
    const widest = end.hooks.reduce((a, b) => (b.spec.gapM > a.spec.gapM ? b : a));
    if (widest.spec.gapM > 1.1 * accent.spec.gapM)
      found.push({
        severity: 'note',
        verdict: 'set',
        joints: [accent.jointId, widest.jointId],
        code: 'gap',
        facts: { gapM: accent.spec.gapM, widestM: widest.spec.gapM },
      });
    const at = end.hooks.indexOf(accent) / Math.max(1, end.hooks.length - 1);
    const place = at < 0.34 ? 'front' : at > 0.66 ? 'tail' : 'middle';
    if (end.hooks.length > 1 && accents.length === 1 && place !== side)
      found.push({
        severity: 'note',
        verdict: 'set',
        joints: [accent.jointId],
        code: 'place',
        facts: { place },
        school: 'accent-place',
        side,
      });
    return found;
  });
};
