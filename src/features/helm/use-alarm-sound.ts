'use client';

import { useEffect, useRef, useState } from 'react';

/** Two short tones, again and again [s, Hz]. */
const TONES = { everyMs: 2000, lengthS: 0.16, gapS: 0.24, hz: [880, 1320] } as const;

/** Sounds while something is wrong. A browser lets no page sound before it was touched: then this says so. */
export function useAlarmSound(sounding: boolean): { readonly blocked: boolean } {
  const context = useRef<AudioContext | null>(null);
  const [blocked, setBlocked] = useState(false);
  useEffect(() => {
    const allow = () => {
      context.current ??= new AudioContext();
      void context.current.resume().then(() => setBlocked(false));
    };
    document.addEventListener('pointerdown', allow);
    document.addEventListener('keydown', allow);
    return () => {
      document.removeEventListener('pointerdown', allow);
      document.removeEventListener('keydown', allow);
    };
  }, []);
  useEffect(() => {
    if (!sounding) return;
    const beep = () => {
      const audio = context.current;
      if (audio?.state !== 'running') return setBlocked(true);
      TONES.hz.forEach((hz, i) => {
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        const at = audio.currentTime + i * TONES.gapS;
        tone.frequency.value = hz;
        volume.gain.setValueAtTime(0.25, at);
        volume.gain.exponentialRampToValueAtTime(0.001, at + TONES.lengthS);
        tone.connect(volume).connect(audio.destination);
        tone.start(at);
        tone.stop(at + TONES.lengthS);
      });
    };
    beep();
    const timer = setInterval(beep, TONES.everyMs);
    return () => clearInterval(timer);
  }, [sounding]);
  return { blocked: blocked && sounding };
}
