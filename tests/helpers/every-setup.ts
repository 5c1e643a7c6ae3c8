import type { Setup } from '@/core/tackle';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { demoFiles } from './demo';

/** Every setup of the demo and one of each built-in rig, by its name: for what must hold of any. */
export const everySetup: readonly (readonly [string, Setup])[] = [
  ...demoFiles.filter(({ newest }) => newest).map(({ id, file }) => [id, file] as const),
  ...RIG_IDS.map((rig) => [rig, sampleOf(rig)] as const),
];
