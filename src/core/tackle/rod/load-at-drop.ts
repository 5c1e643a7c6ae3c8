import { bendRod, type Bend } from './bend';
import type { ResolvedRod } from './rod';

/** Relative step at which the load has settled; Newton doubles the digits once more than it shows. */
const SETTLED = 1e-7;

/**
 * The load ratio F·L²/EI, square to the grip, that drops the tip by a share of the length.
 *
 * Model: Newton with the rod's compliance as slope. A rod stiffens as it bends, so the drop is concave in the load and the
 * steps come from below without passing the root.
 * Valid: shares up to about 0.9; the tip never drops by the whole length.
 */
export function loadRatioAtDrop(
  rod: ResolvedRod,
  share: number,
  near?: Bend,
): { readonly loadRatio: number; readonly bend: Bend } {
  const unit = rod.buttEiNm2 / rod.lengthM ** 2;
  let loadRatio = near ? near.elastica.start.loadRatio : 0;
  let bend = near ?? bendRod(rod, 0, Math.PI / 2);
  for (let iteration = 0; iteration < 60; iteration += 1) {
    const step = (share - bend.elastica.tipY) / bend.elastica.compliance;
    loadRatio += step;
    bend = bendRod(rod, loadRatio * unit, Math.PI / 2, bend);
    if (Math.abs(step) <= SETTLED * loadRatio) break;
  }
  return { loadRatio, bend };
}
