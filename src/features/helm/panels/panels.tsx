'use client';

import dynamic from 'next/dynamic';

/** Panels come when they are opened. */
export const TypePanel = dynamic(() => import('./type-panel').then((m) => m.TypePanel), { loading: () => null });
export const DropPanel = dynamic(() => import('./drop-panel').then((m) => m.DropPanel), { loading: () => null });
export const CurrentPanel = dynamic(() => import('./current-panel').then((m) => m.CurrentPanel), {
  loading: () => null,
});
export const HistoryPanel = dynamic(() => import('./history-panel').then((m) => m.HistoryPanel), {
  loading: () => null,
});
export const OtherPanel = dynamic(() => import('./other-panel').then((m) => m.OtherPanel), { loading: () => null });
export const FiguresPanel = dynamic(() => import('./figures-panel').then((m) => m.FiguresPanel), {
  loading: () => null,
});
export const InstrumentsPanel = dynamic(() => import('./instruments-panel').then((m) => m.InstrumentsPanel), {
  loading: () => null,
});
