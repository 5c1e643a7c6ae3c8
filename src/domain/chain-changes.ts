import type { Joint } from '@/core/tackle';

/** What is chosen about a joint: a figure, a word, a yes, or several words. */
export type Chosen = number | string | boolean | readonly string[] | undefined;

/** What is otherwise in one place of two chains. */
export type ChainChange =
  | { readonly kind: 'out' | 'in'; readonly joint: Joint; readonly partId: string }
  | { readonly kind: 'swapped'; readonly joint: Joint; readonly was: string; readonly is: string }
  | {
      readonly kind: 'set';
      readonly joint: Joint;
      readonly field: string;
      readonly was: Chosen;
      readonly is: Chosen;
    };

/** What is otherwise from one chain to another: joints that came, went or were swapped, and what is chosen about them. */
export function chainChanges(from: readonly Joint[], to: readonly Joint[]): readonly ChainChange[] {
  const gone = from
    .filter((joint) => !to.some(({ id, kind }) => id === joint.id && kind === joint.kind))
    .map((joint): ChainChange => ({ kind: 'out', joint, partId: joint.partId }));
  const others = to.flatMap((joint): ChainChange[] => {
    const old = from.find(({ id, kind }) => id === joint.id && kind === joint.kind);
    if (!old) return [{ kind: 'in', joint, partId: joint.partId }];
    const swapped: ChainChange[] =
      old.partId === joint.partId ? [] : [{ kind: 'swapped', joint, was: old.partId, is: joint.partId }];
    const [before, after] = [old, joint].map((each) => each as unknown as Readonly<Record<string, Chosen>>);
    const fields = Object.keys({ ...old, ...joint }).filter(
      (key) => key !== 'id' && key !== 'kind' && key !== 'partId' && !isSame(before![key], after![key]),
    );
    return [
      ...swapped,
      ...fields.map((field): ChainChange => ({ kind: 'set', joint, field, was: before![field], is: after![field] })),
    ];
  });
  return [...gone, ...others];
}

const isSame = (a: Chosen, b: Chosen): boolean => JSON.stringify(a) === JSON.stringify(b);
