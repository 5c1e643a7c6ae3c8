import { trialIdSchema, type SetupId } from '../ids';
import type { Side, TrialDocument, VersionPick } from './trial-document';

/** The id of a trial that is not kept yet. */
const NEW_TRIAL = trialIdSchema.parse('new');

/** A version as the form begins with it: the two differ in one thing that the user then says. */
export function usualPick(
  by: VersionPick['by'],
  side: Side,
  setups: readonly { readonly id: SetupId; readonly number: number }[],
): VersionPick {
  const first = side === 'a';
  const [one, other] = [setups[0], setups[1] ?? setups[0]];
  switch (by) {
    case 'gear': {
      const setup = first ? one : other;
      return setup ? { by, setupId: setup.id } : { by: 'hand' };
    }
    case 'measure':
      return { by, what: 'speed', ...(first ? { from: 0.8, to: 1.1 } : { from: 1.1, to: 1.4 }) };
    case 'pace':
      return { by, is: first ? 'steady' : 'broken' };
    case 'hook':
      return { by, hook: first ? 'front' : 'tail' };
    case 'hand':
      return { by };
    default:
      return by satisfies never;
  }
}

/** A trial before anything is said of it: a rate twice the other, and half against three quarters. */
export const newTrial = (
  setups: readonly { readonly id: SetupId; readonly number: number }[],
  nowS: number,
): TrialDocument => ({
  id: NEW_TRIAL,
  name: '',
  a: { name: '', pick: usualPick('gear', 'a', setups) },
  b: { name: '', pick: usualPick('gear', 'b', setups) },
  counted: 'strikes',
  exposure: 'hours',
  way: 'together',
  startedS: nowS,
  wanted: { ratio: 2, a: 0.5, b: 0.75 },
  plan: null,
  touches: [],
  byHand: { a: 0, b: 0 },
  note: '',
  closed: null,
});
