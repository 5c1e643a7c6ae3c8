'use client';

import { useEffect, useEffectEvent, useState } from 'react';
import { Tracks } from '@/domain/helm/tracks';
import type { TripEventOf } from '@/domain/log/trip-event';

type Points = TripEventOf<'track'>['points'];

/** A point every few seconds is a track [ms]. */
const POINT_MS = 5000;
/** Points are kept as an entry this often [ms]. */
const KEEP_MS = 60_000;

export type HereProblem = 'refused' | 'no-position' | 'not-secure';

/** This phone's own position where no instrument tells one: for the strikes, and kept as the trip's track. */
export function useHere(onPoints: (points: Points) => void) {
  const [on, setOn] = useState(false);
  const [problem, setProblem] = useState<HereProblem | null>(null);
  const [tracks] = useState(() => new Tracks());
  const keep = useEffectEvent(onPoints);
  useEffect(() => {
    if (!on) return;
    let points: Points = [];
    let takenAt = 0;
    const watch = navigator.geolocation.watchPosition(
      ({ coords, timestamp }) => {
        const atS = timestamp / 1000;
        tracks.record('latDeg', atS, coords.latitude);
        tracks.record('lonDeg', atS, coords.longitude);
        if (coords.speed !== null) tracks.record('sogMps', atS, coords.speed);
        if (coords.heading !== null && !Number.isNaN(coords.heading))
          tracks.record('cogRad', atS, (coords.heading * Math.PI) / 180);
        setProblem(null);
        if (timestamp - takenAt < POINT_MS) return;
        takenAt = timestamp;
        points = [...points, [atS, coords.latitude, coords.longitude]];
      },
      ({ code, PERMISSION_DENIED }) => {
        setProblem(code === PERMISSION_DENIED ? 'refused' : 'no-position');
        if (code === PERMISSION_DENIED) setOn(false);
      },
      { enableHighAccuracy: true, maximumAge: 2000 },
    );
    const flush = () => {
      if (points.length > 0) keep(points);
      points = [];
    };
    const timer = setInterval(flush, KEEP_MS);
    document.addEventListener('visibilitychange', flush);
    return () => {
      navigator.geolocation.clearWatch(watch);
      clearInterval(timer);
      document.removeEventListener('visibilitychange', flush);
      flush();
    };
  }, [on, tracks]);
  return {
    on,
    problem,
    tracks,
    start: () => {
      if (!window.isSecureContext) return setProblem('not-secure');
      if (!('geolocation' in navigator)) return setProblem('no-position');
      setOn(true);
    },
    stop: () => setOn(false),
  };
}

export type Here = ReturnType<typeof useHere>;
