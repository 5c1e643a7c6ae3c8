'use client';

import { useMemo } from 'react';
import { gearNow, plannedLines } from '@/domain/log/planned';
import type { Trip } from '@/domain/log/trip';
import type { LogPage } from '@/server/queries/log-page';
import type { LogLine } from './panels/panels';

/** The lines of a trip in the order in which they are numbered: those of its spread or its rods, and whatever else went in. */
export function useLines(trip: Trip, { spreads, setups }: Pick<LogPage, 'spreads' | 'setups'>): readonly LogLine[] {
  return useMemo(() => {
    const planned = plannedLines(trip, spreads, (setupId) => setups.find(({ id }) => id === setupId)?.number);
    const names = [...new Set([...planned.map(({ line }) => line), ...trip.lines.map(({ line }) => line)])];
    return names.map((line, i): LogLine => {
      const now = trip.lines.find((each) => each.line === line) ?? null;
      const gear = now ? gearNow(now.gear) : planned.find((each) => each.line === line)!.gear;
      return { line, number: i + 1, gear, now };
    });
  }, [trip, spreads, setups]);
}
