import type { Part } from '@/domain/parts';
import { demoReels } from './reels';
import { demoRods } from './rods';
import { demoSetups } from './setups';
import { demoSpools } from './spools';
import { demoTackle } from './tackle';

export const DEMO_BENCH = { id: 'slipway', name: 'Slipway bench' } as const;

/** The made-up bench above Lake Ostrey: nine rods, six reels, fourteen spools, forty small parts. */
export const demoParts: readonly Part[] = [...demoRods, ...demoReels, ...demoSpools, ...demoTackle];

export const demoSetupsOfBench = demoSetups(demoParts);
export type { DemoRevision, DemoSetup } from './setups';
