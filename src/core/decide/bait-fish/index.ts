export { BAIT_FISH_LIMITS, baitFish, type BaitFish, type BaitFishInput } from './bait-fish';
