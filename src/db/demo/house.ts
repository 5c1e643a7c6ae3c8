import type { House } from '@/domain/house';
import { degrees } from './presentations';
import { metres, newtonMetres } from './quantities';

/** Who fishes from the Slipway bench, from what, and what the bench holds to. */
export const demoHouse: House = {
  schools: { 'weight-hold': 'pegged', 'nose-tie': 'loop', 'spin-link': 'swivel', 'attractor-lead': 'by-mood', 'wire-tip': 'swivel', 'lure-link': 'snap', 'hook-colour': 'coloured' },
  angler: {
    heightM: metres(1.76, 'measured'),
    handStandingM: metres(1.1, 'measured'),
    handSeatedM: metres(0.72, 'measured'),
    handWadingM: metres(0.55, 'measured'),
    reachM: metres(0.65, 'measured'),
    winds: 'right',
    shoulderLimitNm: newtonMetres(60, 'label'),
  },
  crafts: [
    { id: 'wren', name: 'Wren', lengthM: 5.2, freeboardM: 0.45, holders: 2, holderDepthM: 0.22, holderAngleRad: degrees(50), holderGapM: 1.4, downriggers: 0, booms: 0, hullDragN: 45 },
    { id: 'dunlin', name: 'Dunlin', lengthM: 8, freeboardM: 0.85, holders: 8, holderDepthM: 0.28, holderAngleRad: degrees(35), holderGapM: 0.5, downriggers: 4, booms: 0, hullDragN: 110 },
    { id: 'canoe', name: 'canoe', lengthM: 4.8, freeboardM: 0.25, holders: 1, holderDepthM: 0.15, holderAngleRad: degrees(60), holderGapM: 1, downriggers: 0, booms: 0, hullDragN: 16 },
  ],
  sheet: { authority: 'the warden of Lake Ostrey, board at the slip', readOn: '2026-04-11', rodsPerPerson: 3, hooksPerLine: 3, words: 'No fishing within 50 m of the drowned mill from April to June.' },
  classes: {},
  rigWords: {},
};
