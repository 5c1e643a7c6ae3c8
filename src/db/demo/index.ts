import type { Part } from '@/domain/parts';
import { demoHouse } from './house';
import { demoReels } from './reels';
import { demoRest } from './rest';
import { demoRods } from './rods';
import { demoSetups } from './setups';
import { demoSpools } from './spools';
import { demoTackle } from './tackle';

export const DEMO_BENCH = { id: 'slipway', name: 'Slipway bench', angler: 'Skipper' } as const;

/** The made-up bench above Lake Ostrey: thirteen rods, eight reels, eighteen spools, some 120 small parts, thirty lures. */
export const demoParts: readonly Part[] = [...demoRods, ...demoReels, ...demoSpools, ...demoTackle, ...demoRest];

export const demoSetupsOfBench = demoSetups(demoParts);
export type { DemoRevision, DemoSetup } from './setups';
export { demoHouse };
