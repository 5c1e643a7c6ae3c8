import type { BandUnits } from '@/domain/log/dimensions';
import { displayUnit } from './display-units';
import type { UnitPreferences } from './preferences';

/** What a reader is told the bands of the Log in. */
export const bandUnits = (preferences: UnitPreferences): BandUnits => {
  const of = <M extends keyof BandUnits>(measure: M) => displayUnit(measure, preferences).label as BandUnits[M];
  return { depth: of('depth'), distance: of('distance'), speed: of('speed'), temperature: of('temperature') };
};
