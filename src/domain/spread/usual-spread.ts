import type { SpreadId } from '../ids';
import type { SpreadDocument } from './spread';

/** The id of a spread that was not kept yet. */
export const NEW_SPREAD = 'new' as SpreadId;

/** A boat without lines, at a troller's usual speed. */
export const usualSpread = (craftId: string | null): SpreadDocument => ({
  id: NEW_SPREAD,
  name: '',
  craftId,
  facing: 'forward',
  speedMps: 1.2,
  current: [],
  clearM: 1.5,
  radiusM: 60,
  lines: [],
  probe: null,
  pattern: null,
  order: null,
  strike: { speed: 'hold', forS: 20, worked: [], cleared: null },
});
