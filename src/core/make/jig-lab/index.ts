export { bestCut, land, type BestCut, type Filing, type Landed } from './best-cut';
export { drops, DROP_BINS, type Drops, type DropsInput } from './drops';
export { cutOf, flatOf, reachOf, type Flat } from './flat';
export { headStanding, HEAD_LIMITS, type Head, type HeadStanding } from './head';
export {
  jigStand,
  JIG_STAND_LIMITS,
  type JigStand,
  type JigStandInput,
  type PointWeight,
  type Pose,
} from './jig-stand';
export type { Cut, XY } from './polygon';
export { tipPullN, type Twitch } from './twitch';
