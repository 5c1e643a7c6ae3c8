import type { Part } from '@/domain/parts';
import { demoHouse } from './house';
import { demoOnTheBoat } from './on-the-boat';
import { demoReels } from './reels';
import { demoRest } from './rest';
import { demoRods } from './rods';
import { demoSetups } from './setups';
import { demoSpools } from './spools';
import { demoTackle } from './tackle';

export const DEMO_BENCH = { id: 'slipway', name: 'Slipway bench', angler: 'Skipper' } as const;

/** The made-up bench above Lake Ostrey: seventeen rods, ten reels, twenty spools, some 150 small parts, thirty lures. */
export const demoParts: readonly Part[] = [
  ...demoRods,
  ...demoReels,
  ...demoSpools,
  ...demoTackle,
  ...demoRest,
  ...demoOnTheBoat,
];

export const demoSetupsOfBench = demoSetups(demoParts);
export type { DemoRevision, DemoSetup } from './setups';
export { demoHouse };
export { demoPlans, demoWaters } from './days';
export { demoHelm } from './helm';
export { demoSpreads } from './spreads';
export { demoTrials } from './trials';
export { demoTrips } from './trips';
export { demoDeck, demoLeaders } from './winter';
