import { sideTaken, type SchoolId } from '../../tackle/defaults/schools';
import type { BalanceFigures, HoldFigures, SetFigures, VerdictName } from '../verdict';
import type { DragWindow, DragWindowInput } from '../../strike';
import type { Rig, Running } from '../../rig';
import type { Presentation } from '../../tackle';

export type Severity = 'note' | 'edge' | 'fails';

/** What a rule looks at: the rig and what the models said of it. */
export interface CheckInput {
  readonly rig: Rig;
  readonly presentation: Presentation;
  readonly balance: BalanceFigures;
  readonly hold: HoldFigures;
  /** null: no set is judged */
  readonly set: SetFigures | null;
  /** null: a snag, or a line that is too short */
  readonly strike: { readonly window: DragWindow; readonly asked: DragWindowInput } | null;
  /** how long the fish holds the bait [s]; null: not judged */
  readonly holdsS: number | null;
  /** null: it is cast */
  readonly running: Running | null;
}

/** A finding as a code with its facts, SI by the suffix of their names; the sentences stand in the catalogues. */
export interface Found {
  readonly severity: Severity;
  /** the verdict that it counts in */
  readonly verdict: VerdictName;
  readonly joints: readonly string[];
  readonly facts: Readonly<Record<string, number | string | null>>;
  /** which case of the rule, where one rule can find several things */
  readonly code?: string;
  /** the house rule it hangs on, and the side it took */
  readonly school?: SchoolId;
  readonly side?: string;
}

/** One thing that an expert looks at. Pure: it finds nothing, or says what, how bad, where and in which verdict. */
export type Rule = (input: CheckInput) => readonly Found[];

/** The side that the house takes of a question; the usual one where it has said nothing. */
export const sideOf = ({ rig }: Pick<CheckInput, 'rig'>, school: SchoolId): string =>
  sideTaken(rig.house.schools, school);

export const nothing: readonly Found[] = [];
