import { setupIdSchema } from '../../ids';
import { tripOf } from '../../log/trip';
import type { TripEvent } from '../../log/trip-event';
import { NOTHING_KNOWN } from '../../log/told';
import type { TriedTrip } from '../slices';
import type { TrialDocument } from '../trial-document';
import { newTrial } from '../usual-trial';

export const START = 1_780_000_000;
export const [A, B] = ['setup-a', 'setup-b'].map((id) => setupIdSchema.parse(id)) as [never, never];

let made = 0;
export const id = () => `0d3a0000-0000-4000-8000-${String((made += 1)).padStart(12, '0')}`;
export const at = (min: number) => ({ id: id(), atS: START + 60 * min });

export const goesIn = (line: string, min: number, setupId: string, pointId = 'holder-1'): TripEvent => ({
  kind: 'in',
  ...at(min),
  line,
  setupId: setupIdSchema.parse(setupId),
  rodId: null,
  pointId,
  lineM: 20,
  cableM: null,
  mark: '',
});
export const strike = (
  line: string,
  min: number,
  told: Partial<typeof NOTHING_KNOWN> & { outcome?: string } = {},
): TripEvent[] => {
  const own = { kind: 'strike', ...at(min), line, touchedS: START + 60 * min, angler: null, then: null } as const;
  return [
    own,
    { kind: 'told', ...at(min + 0.1), of: own.id, ...NOTHING_KNOWN, outcome: 'landed', ...told } as TripEvent,
    { kind: 'back', ...at(min + 1), lines: [line] },
  ];
};
export const closes = (min: number): TripEvent => ({ kind: 'closed', ...at(min) });

export const tried = (events: readonly TripEvent[], untilMin = 240): TriedTrip => ({
  id: 'trip',
  name: 'A day',
  trip: tripOf(events),
  untilS: START + 60 * untilMin,
  series: null,
  gear: ({ setupId, pointId }) => ({
    words: { lure: '', colour: '', setup: setupId, rod: pointId ?? '', place: pointId ?? '', side: pointId ?? '' },
    depthsAt: [],
  }),
});

export const trial = (changes: Partial<TrialDocument> = {}): TrialDocument => ({
  ...newTrial([], START),
  name: 'A or B',
  a: { name: 'A', pick: { by: 'gear', setupId: A } },
  b: { name: 'B', pick: { by: 'gear', setupId: B } },
  ...changes,
});
