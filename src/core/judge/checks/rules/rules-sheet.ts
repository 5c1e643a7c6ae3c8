import type { Rig } from '../../../rig';
import { METALS } from '../look';
import type { Found, Rule } from '../rule';

/** The user's own reading of the local rules; what is not filled in rules nothing. */
export const rulesSheet: Rule = ({ rig }) => {
  const { sheet } = rig.house;
  const found: Found[] = [];
  const breaks = (code: string, joints: readonly string[], facts: Found['facts'] = {}) =>
    found.push({ severity: 'fails', verdict: 'hold', joints, code, facts });
  const ids = (hooks: Rig['hooks']) => [...new Set(hooks.map(({ jointId }) => jointId))];
  const points = rig.hooks.reduce((sum, { spec }) => sum + POINTS[spec.points], 0);
  const trebles = rig.hooks.filter(({ spec }) => spec.points === 'treble');
  const barbed = rig.hooks.filter(({ spec }) => spec.barb !== 'barbless');
  const wide = rig.hooks.filter(({ spec }) => sheet.largestGapM !== undefined && spec.gapM > sheet.largestGapM);
  if (sheet.hooksPerLine !== undefined && rig.hooks.length > sheet.hooksPerLine)
    breaks('hooks', ids(rig.hooks), { have: rig.hooks.length, most: sheet.hooksPerLine });
  if (sheet.pointsPerLine !== undefined && points > sheet.pointsPerLine)
    breaks('points', ids(rig.hooks), { have: points, most: sheet.pointsPerLine });
  if (sheet.baitsPerLine !== undefined && rig.ends.length > sheet.baitsPerLine)
    breaks(
      'baits',
      rig.ends.map(({ bearerId }) => bearerId),
      { have: rig.ends.length, most: sheet.baitsPerLine },
    );
  if (sheet.noTrebles && trebles.length > 0) breaks('trebles', ids(trebles));
  if (sheet.barbless && barbed.length > 0) breaks('barbs', ids(barbed));
  if (wide.length > 0)
    breaks('gap', ids(wide), { gapM: Math.max(...wide.map(({ spec }) => spec.gapM)), mostM: sheet.largestGapM! });
  for (const fitted of rig.chainOfParts) {
    const { part, joint } = fitted;
    const leadKg =
      part.kind === 'bottom-bouncer'
        ? part.massKg.value
        : (part.kind === 'weight' || part.kind === 'jig-head' || part.kind === 'skirted-jig') &&
            part.material === 'lead'
          ? part.massKg.value
          : null;
    if (leadKg !== null && sheet.noLead) breaks('lead', [joint.id], { massKg: leadKg });
    else if (leadKg !== null && sheet.leadOverKg !== undefined && leadKg < sheet.leadOverKg)
      breaks('small-lead', [joint.id], { massKg: leadKg, leastKg: sheet.leadOverKg });
    if (part.kind === 'natural-bait' && sheet.noNaturalBait) breaks('natural-bait', [joint.id]);
    else if (part.kind === 'natural-bait' && part.state === 'live' && sheet.noLiveBait) breaks('live-bait', [joint.id]);
    if (
      sheet.noWire &&
      ((part.kind === 'line' && METALS.has(part.material)) || (part.kind === 'hardware' && part.form === 'trace'))
    )
      breaks('wire', [joint.id]);
  }
  return found;
};

const POINTS = { single: 1, double: 2, treble: 3 } as const;
