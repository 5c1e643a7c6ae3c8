import { valueAt } from '@/core/decide';
import type { Part, Setup } from '@/core/tackle';
import type { PartKind } from './parts';

/** Something uncertain that a verdict comes from: a field of a part, or a class figure. */
export type UncertainInput =
  | { readonly kind: 'part'; readonly partId: string; readonly part: PartKind; readonly field: string }
  | { readonly kind: 'class'; readonly figure: string };

/** What the path of a range means in its setup; null for one that is neither a part's nor a class figure. */
export function uncertainInput(path: string, setup: Pick<Setup, 'parts'>): UncertainInput | null {
  const ofClass = /^house\.classes\[(.+)\]$/.exec(path);
  if (ofClass) return { kind: 'class', figure: ofClass[1]! };
  const ofPart = /^(parts\[\d+\])\.(.+)\.value$/.exec(path);
  const part = ofPart ? (valueAt(setup, ofPart[1]!) as Part | undefined) : undefined;
  return part ? { kind: 'part', partId: part.id, part: part.kind, field: ofPart![2]! } : null;
}
