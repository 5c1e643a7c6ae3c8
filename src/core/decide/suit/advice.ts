import type { House } from '../../tackle';
import { sideTaken } from '../../tackle/defaults/schools';
import { classesWith } from '../../tackle/defaults/classes';
import type { DayConditions } from './day';

/** What the house rules say for an hour; each code has its sentence in the catalogues. */
export type Advice =
  | {
      readonly code: 'lead-shorter' | 'lead-longer';
      /** share by which leads change, and the longest for what drives itself and what does not [m] */
      readonly by: number;
      readonly drivenToM: number;
      readonly ownToM: number;
    }
  | { readonly code: 'accent'; readonly side: string }
  | { readonly code: 'pace'; readonly side: string }
  | { readonly code: 'look-time'; readonly side: string };

/**
 * What the house rules make of the mood of the fish and the light: leads behind attractors by mood and hour where the house
 * holds so, where the accent sits in low light or murky water, pace and time to look for fish that are not hungry.
 */
export function houseAdvice(
  house: Pick<House, 'schools' | 'classes'>,
  { mood, light, clarity }: Pick<DayConditions, 'mood' | 'light' | 'clarity'>,
): readonly Advice[] {
  const { attractorLead, attractorMood } = classesWith(house.classes).checks;
  const isLow = light === 'dusk' || light === 'dark';
  const factor = (mood ? attractorMood[mood] : 1) * (isLow ? attractorMood.dusk : 1);
  const lead: Advice[] =
    sideTaken(house.schools, 'attractor-lead') === 'by-mood' && factor !== 1
      ? [
          {
            code: factor < 1 ? 'lead-shorter' : 'lead-longer',
            by: Math.abs(factor - 1),
            drivenToM: attractorLead.drivenToM * factor,
            ownToM: attractorLead.mostM * factor,
          },
        ]
      : [];
  return [
    ...lead,
    ...(sideTaken(house.schools, 'hook-colour') === 'coloured' && (isLow || clarity === 'murky')
      ? [{ code: 'accent' as const, side: sideTaken(house.schools, 'accent-place') }]
      : []),
    ...(mood === 'wary' || mood === 'neutral'
      ? [
          { code: 'pace' as const, side: sideTaken(house.schools, 'pace') },
          { code: 'look-time' as const, side: sideTaken(house.schools, 'look-time') },
        ]
      : []),
  ];
}
