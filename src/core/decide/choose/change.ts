import { withPart } from '../../judge';
import type { Part, Setup } from '../../tackle';
import { withValue } from './path';

/** Ways of fishing the same rig otherwise; each has its sentence in the catalogues. */
export type TechniqueCode =
  | 'shorter-cast'
  | 'stronger-sweep'
  | 'cast-otherwise'
  | 'wind-down-first'
  | 'step-back'
  | 'lower-clutch'
  | 'higher-clutch'
  | 'slower'
  | 'faster'
  | 'holder-lean'
  | 'more-line'
  | 'less-line'
  | 'point-otherwise'
  | 'centre-hook'
  | 'leader-length'
  | 'weight-hold'
  | 'stinger-hold'
  | 'stinger-length'
  | 'trim';

/** One thing that can be done to a setup. */
export type Change =
  /** another part in a joint, or in all joints that hold the same one: the user's own, or what a class of part would do, which is then to be looked for */
  | { readonly kind: 'part'; readonly jointIds: readonly string[]; readonly part: Part; readonly from: 'box' | 'class' }
  /** how a joint is rigged */
  | {
      readonly kind: 'joint';
      readonly jointId: string;
      readonly field: string;
      readonly value: number | string;
      readonly technique: TechniqueCode;
    }
  /** how it is fished; the path is one of the presentation */
  | {
      readonly kind: 'present';
      readonly path: string;
      readonly value: number | string;
      readonly technique: TechniqueCode;
    };

/** The setup with a change made. */
export function applyChange(setup: Setup, change: Change): Setup {
  switch (change.kind) {
    case 'part':
      return change.jointIds.reduce((held, jointId) => withPart(held, jointId, change.part), setup);
    case 'joint': {
      const at = setup.chain.findIndex(({ id }) => id === change.jointId);
      return withValue(setup, `chain[${at}].${change.field}`, change.value);
    }
    case 'present':
      return withValue(setup, `presentation.${change.path}`, change.value);
    default:
      return change satisfies never;
  }
}

/** What a change touches: two that touch the same cannot be made together. */
export function placesOf(change: Change): readonly string[] {
  switch (change.kind) {
    case 'part':
      return change.jointIds;
    case 'joint':
      return [`${change.jointId}.${change.field}`];
    case 'present':
      return [`presentation.${change.path}`];
    default:
      return change satisfies never;
  }
}
