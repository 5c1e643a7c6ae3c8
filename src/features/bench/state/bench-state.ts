import { applyChange, type Change } from '@/core/decide';
import { withPart } from '@/core/judge';
import { bearsHook, type Setup } from '@/core/tackle';
import { chainProblems, type ChainProblem } from '@/domain/chain-rules';
import { fitsJoint } from '@/domain/fits';
import type { House } from '@/domain/house';
import type { PartId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';

/** What the user has made of the setup; a step back or forward moves between such states. */
export interface Draft {
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
}

/** A remedy, and the draft that fitting it makes; null where a part must be found first and put in the Box. */
export interface Trial {
  readonly changes: readonly Change[];
  readonly becomes: Draft | null;
}

export interface BenchState {
  readonly draft: Draft;
  readonly past: readonly Draft[];
  readonly future: readonly Draft[];
  /** the draft that the newest save holds */
  readonly saved: Draft;
  readonly selected: string;
  /** the field whose typing the newest step holds: the next letter in it belongs to the same step */
  readonly typing: string | null;
  /** a part tried on in the selected joint, not yet fitted */
  readonly tried: PartId | null;
  /** a remedy tried on, not yet fitted */
  readonly trial: Trial | null;
  /** whether the readings are those of the revision's day */
  readonly asThen: boolean;
  readonly version: number;
  readonly revision: number;
  /** why the last change of the chain was not made */
  readonly refused: ChainProblem['code'] | 'not-yours' | null;
}

export type BenchAction =
  | { readonly kind: 'select'; readonly jointId: string }
  | { readonly kind: 'step-joint'; readonly by: 1 | -1 }
  | { readonly kind: 'try'; readonly partId: PartId }
  | { readonly kind: 'try-remedy'; readonly trial: Trial }
  | { readonly kind: 'step-try'; readonly by: 1 | -1; readonly among: readonly PartId[] }
  | { readonly kind: 'fit' | 'put-back' | 'undo' | 'redo' | 'toggle-then' }
  | { readonly kind: 'present'; readonly presentation: Presentation; readonly field: string }
  | { readonly kind: 'add-joint'; readonly joint: Joint; readonly after: string }
  | { readonly kind: 'remove-joint'; readonly jointId: string }
  | { readonly kind: 'move-joint'; readonly jointId: string; readonly to: number }
  | { readonly kind: 'change-joint'; readonly joint: Joint; readonly field: string }
  /** a whole draft made elsewhere; several with one field are one step */
  | { readonly kind: 'take-up'; readonly draft: Draft; readonly field?: string }
  | { readonly kind: 'saved'; readonly revision: number; readonly version: number; readonly draft: Draft };

const MAX_STEPS = 200;
const UNTRIED = { tried: null, trial: null } as const;

export function startState(page: Draft & { readonly version: number; readonly revision: number }): BenchState {
  const draft = { chain: page.chain, presentation: page.presentation };
  const selected = page.chain.find(({ kind }) => bearsHook(kind)) ?? page.chain[0]!;
  return {
    draft,
    past: [],
    future: [],
    saved: draft,
    selected: selected.id,
    typing: null,
    tried: null,
    trial: null,
    asThen: false,
    version: page.version,
    revision: page.revision,
    refused: null,
  };
}

export function benchReducer(state: BenchState, action: BenchAction): BenchState {
  switch (action.kind) {
    case 'select':
      return { ...state, selected: action.jointId, ...UNTRIED, refused: null };
    case 'step-joint': {
      const { chain } = state.draft;
      const index = chain.findIndex((joint) => joint.id === state.selected);
      return { ...state, selected: chain[(index + action.by + chain.length) % chain.length]!.id, ...UNTRIED };
    }
    case 'try':
      return { ...state, trial: null, tried: action.partId === fittedPart(state) ? null : action.partId };
    case 'try-remedy':
      return { ...state, tried: null, trial: action.trial, refused: null };
    case 'step-try': {
      const { among } = action;
      if (among.length === 0) return state;
      const index = among.indexOf(state.tried ?? fittedPart(state));
      const next =
        among[index < 0 ? (action.by > 0 ? 0 : among.length - 1) : (index + action.by + among.length) % among.length]!;
      return benchReducer(state, { kind: 'try', partId: next });
    }
    case 'fit': {
      if (state.trial) return withRemedy(state, state.trial);
      if (state.tried === null) return state;
      return {
        ...withDraft(state, { ...state.draft, chain: chainWith(state.draft.chain, state.selected, state.tried) }),
        tried: null,
      };
    }
    case 'put-back':
      return { ...state, ...UNTRIED, refused: null };
    case 'undo': {
      const last = state.past.at(-1);
      return last
        ? {
            ...state,
            draft: last,
            past: state.past.slice(0, -1),
            future: [state.draft, ...state.future],
            typing: null,
            ...UNTRIED,
            refused: null,
            selected: stillThere(state.selected, last),
          }
        : state;
    }
    case 'redo': {
      const [next, ...rest] = state.future;
      return next
        ? {
            ...state,
            draft: next,
            past: [...state.past, state.draft],
            future: rest,
            typing: null,
            ...UNTRIED,
            refused: null,
            selected: stillThere(state.selected, next),
          }
        : state;
    }
    case 'toggle-then':
      return { ...state, asThen: !state.asThen };
    case 'present':
      return withDraft(state, { ...state.draft, presentation: action.presentation }, action.field);
    case 'add-joint': {
      const at = state.draft.chain.findIndex(({ id }) => id === action.after) + 1;
      return withChain(state, state.draft.chain.toSpliced(at, 0, action.joint), action.joint.id);
    }
    case 'remove-joint': {
      const { chain } = state.draft;
      const at = chain.findIndex(({ id }) => id === action.jointId);
      return withChain(state, chain.toSpliced(at, 1), (chain[at + 1] ?? chain[at - 1])!.id);
    }
    case 'move-joint': {
      const { chain } = state.draft;
      const at = chain.findIndex(({ id }) => id === action.jointId);
      if (at < 0 || action.to < 0 || action.to >= chain.length || action.to === at) return state;
      return withChain(state, chain.toSpliced(at, 1).toSpliced(action.to, 0, chain[at]!), action.jointId);
    }
    case 'change-joint':
      return withDraft(
        state,
        {
          ...state.draft,
          chain: state.draft.chain.map((joint) => (joint.id === action.joint.id ? action.joint : joint)),
        },
        action.field,
      );
    case 'take-up':
      return {
        ...withDraft(state, action.draft, action.field),
        selected: stillThere(state.selected, action.draft),
        ...UNTRIED,
      };
    case 'saved':
      return { ...state, saved: action.draft, revision: action.revision, version: action.version };
    default:
      return action satisfies never;
  }
}

/** The part that is fitted in the selected joint. */
export const fittedPart = (state: BenchState): PartId =>
  state.draft.chain.find((joint) => joint.id === state.selected)!.partId;

/** The draft as a setup in this house, with the readings of today or of the revision's day. */
export function fittedSetup({ draft, asThen }: Pick<BenchState, 'draft' | 'asThen'>, readings: Readings): Setup {
  const { chain, presentation } = draft;
  return {
    parts: [...new Set(chain.map((joint) => joint.partId))].map((id) => readingOf(id, asThen, readings)),
    chain,
    presentation,
    house: readings.house,
  };
}

/** The fitted setup with what is tried on. */
export function triedSetup(
  fitted: Setup,
  { tried, trial, selected, asThen }: Pick<BenchState, 'tried' | 'trial' | 'selected' | 'asThen'>,
  readings: Readings,
): Setup {
  if (trial) return trial.changes.reduce(applyChange, fitted);
  return tried === null ? fitted : withPart(fitted, selected, readingOf(tried, asThen, readings));
}

/** What is known of the parts, today and on the revision's day, and the house that they are judged in. */
export interface Readings {
  readonly box: readonly Part[];
  readonly partsThen: readonly Part[];
  readonly house: House;
}

const readingOf = (id: string, asThen: boolean, { box, partsThen }: Readings): Part =>
  (asThen ? partsThen.find((part) => part.id === id) : undefined) ?? box.find((part) => part.id === id)!;

/** The parts of the Box that could stand in a joint, in its order. */
export function candidatesFor(joint: Joint, chain: readonly Joint[], box: readonly Part[]): readonly Part[] {
  return box.filter((part) => fitsJoint(part, chain, joint, box));
}

export const isChanged = (state: BenchState): boolean => JSON.stringify(state.draft) !== JSON.stringify(state.saved);

const chainWith = (chain: readonly Joint[], jointId: string, partId: PartId): readonly Joint[] =>
  chain.map((joint) => {
    if (joint.id !== jointId || joint.partId === partId) return joint;
    // A colour is one of the part's own.
    const { colour: _, ...kept } = joint;
    return { ...kept, partId } as Joint;
  });

/** A new step, or the same one going on while the user types in one field. */
function withDraft(state: BenchState, draft: Draft, field: string | null = null): BenchState {
  const goesOn = field !== null && field === state.typing;
  return {
    ...state,
    draft,
    past: goesOn ? state.past : [...state.past, state.draft].slice(-MAX_STEPS),
    future: [],
    typing: field,
  };
}

/** The chain changed, if what is left can be read as a rig; else the reason why not, and nothing changes. */
function withChain(state: BenchState, chain: readonly Joint[], selected: string): BenchState {
  const [problem] = chainProblems(chain);
  if (problem) return { ...state, refused: problem.code };
  const { wanted } = state.draft.presentation;
  const isThere = wanted.breakAt === null || chain.some(({ id }) => id === wanted.breakAt);
  const presentation = isThere ? state.draft.presentation : withoutBreakPlace(state.draft.presentation);
  return { ...withDraft(state, { chain, presentation }), selected, ...UNTRIED, refused: null };
}

/** The draft with a remedy made its own; what is not in the Box yet must be found first. */
function withRemedy(state: BenchState, { becomes }: Trial): BenchState {
  return becomes ? { ...withDraft(state, becomes), ...UNTRIED, refused: null } : { ...state, refused: 'not-yours' };
}

/** A place that is gone cannot be where it is to break. */
const withoutBreakPlace = (presentation: Presentation): Presentation =>
  presentation.kind === 'cast'
    ? { ...presentation, wanted: { ...presentation.wanted, breakAt: null } }
    : { ...presentation, wanted: { ...presentation.wanted, breakAt: null } };

/** The selected joint, or the last one where that is not in the chain. */
const stillThere = (jointId: string, { chain }: Draft): string =>
  chain.some(({ id }) => id === jointId) ? jointId : chain.at(-1)!.id;
