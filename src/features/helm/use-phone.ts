'use client';

import { useEffect, useState } from 'react';
import type { ChannelName } from '@/domain/instruments/channels';
import { post } from '@/features/fields/post';

export type PhoneProblem = 'no-position' | 'refused' | 'unreachable' | 'not-secure' | 'gap';

/** How often what the phone knows is sent [ms]. */
const SEND_MS = 1000;
/** Longer than this without a position, and the screen was locked or the page out of sight [ms]. */
const GAP_MS = 15_000;

/** What phones tell of how they are turned: the standard's angle, or the compass heading of others. */
type Turned = DeviceOrientationEvent & { readonly webkitCompassHeading?: number };
const TURNS = ['deviceorientationabsolute', 'deviceorientation'] as const;

/** Some phones tell their compass only when they were asked by a touch. */
const askForCompass = (): void => {
  const asking = globalThis.DeviceOrientationEvent as
    { readonly requestPermission?: () => Promise<string> } | undefined;
  asking?.requestPermission?.().catch(() => undefined);
};

type Readings = Partial<Record<ChannelName, number>>;

/** This phone's own position, speed, course and compass, sent to the server while the screen is on. */
export function usePhone() {
  const [on, setOn] = useState(false);
  const [problem, setProblem] = useState<PhoneProblem | null>(null);
  useEffect(() => {
    if (!on) return;
    let newest: Readings = {};
    let sentAt = Date.now();
    const watch = navigator.geolocation.watchPosition(
      ({ coords }) => {
        newest = {
          ...newest,
          latDeg: coords.latitude,
          lonDeg: coords.longitude,
          ...(coords.speed === null ? {} : { sogMps: coords.speed }),
          ...(coords.heading === null || Number.isNaN(coords.heading)
            ? {}
            : { cogRad: (coords.heading * Math.PI) / 180 }),
        };
      },
      ({ code, PERMISSION_DENIED }) => {
        setProblem(code === PERMISSION_DENIED ? 'refused' : 'no-position');
        if (code === PERMISSION_DENIED) setOn(false);
      },
      { enableHighAccuracy: true, maximumAge: 2000 },
    );
    const turned = (event: Turned) => {
      // Some phones tell a compass heading, others an angle that goes against it.
      const against = event.absolute && event.alpha !== null ? 360 - event.alpha : null;
      const deg = event.webkitCompassHeading ?? against;
      if (deg !== null) newest = { ...newest, headingRad: ((deg % 360) * Math.PI) / 180 };
    };
    for (const name of TURNS) window.addEventListener(name, turned as EventListener);
    const timer = setInterval(() => {
      const readings = Object.entries(newest).map(([channel, value]) => ({ channel, value }));
      if (readings.length === 0) return;
      newest = {};
      const gap = Date.now() - sentAt > GAP_MS;
      sentAt = Date.now();
      void post('phone', { readings }).then((posted) =>
        // A gap stays told until the phone is stopped.
        setProblem((now) => (posted !== 'kept' ? 'unreachable' : gap || now === 'gap' ? 'gap' : null)),
      );
    }, SEND_MS);
    return () => {
      navigator.geolocation.clearWatch(watch);
      for (const name of TURNS) window.removeEventListener(name, turned as EventListener);
      clearInterval(timer);
    };
  }, [on]);
  return {
    on,
    problem,
    start: () => {
      if (!window.isSecureContext) return setProblem('not-secure');
      if (!('geolocation' in navigator)) return setProblem('no-position');
      setProblem(null);
      askForCompass();
      setOn(true);
    },
    stop: () => setOn(false),
  };
}

export type Phone = ReturnType<typeof usePhone>;
