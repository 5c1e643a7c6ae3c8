import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import { evaluate, type Evaluation } from '@/core/evaluate';
import { InputRangeError } from '@/core/guard';
import { fitsSlot } from '@/domain/fits';
import type { House } from '@/domain/house';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { comparePart } from '@/domain/part-order';
import { rigPattern, type RigId } from '@/domain/rigs';
import { builtInKnots, chainOf, knotId, startPresentation } from '@/domain/start-setup';
import { changeHouseAction } from '@/server/actions/house';
import { startSetupAction } from '@/server/actions/setups';

export type StartFailure = 'bad-input' | 'database-away' | 'not-found' | 'unreachable';

/** Headless: a rig from an empty sheet, place by place. */
export function useSetupStart(box: readonly Part[], house: House, firstReason: string) {
  const router = useRouter();
  const [rig, setRig] = useState<RigId | null>(null);
  const [chosen, setChosen] = useState<Readonly<Record<string, PartId | undefined>>>({});
  const [name, setName] = useState('');
  const [words, setWords] = useState(house.rigWords);
  const [failure, setFailure] = useState<StartFailure | null>(null);
  const [busy, start] = useTransition();

  const parts = useMemo(() => {
    const held = new Set(box.map(({ id }) => id));
    return [...box, ...builtInKnots.filter(({ id }) => !held.has(id))].sort(comparePart);
  }, [box]);
  const slots = useMemo(
    () =>
      rig
        ? rigPattern(rig).slots.map((slot) => ({ ...slot, parts: parts.filter((part) => fitsSlot(part, slot)) }))
        : [],
    [rig, parts],
  );
  const chain = useMemo(() => (rig ? chainOf(slots, chosen) : null), [rig, slots, chosen]);
  const presentation = useMemo(() => (rig ? startPresentation(rig) : null), [rig]);
  const missing = slots.filter(({ id }) => !chosen[id]);
  const evaluation = useMemo<Evaluation | null>(() => {
    if (!chain || !presentation) return null;
    try {
      return evaluate({
        parts: parts.filter(({ id }) => chain.some((joint) => joint.partId === id)),
        chain,
        presentation,
        house,
      });
    } catch (error) {
      if (error instanceof InputRangeError) return null;
      throw error;
    }
  }, [chain, presentation, parts, house]);

  return {
    rig,
    slots,
    chosen,
    missing,
    name,
    setName,
    evaluation,
    failure,
    busy,
    words,
    /** takes a rig, its knots already tied; null goes back to the list */
    take: (next: RigId | null) => {
      setRig(next);
      setChosen(
        next
          ? Object.fromEntries(rigPattern(next).slots.flatMap(({ id, knot }) => (knot ? [[id, knotId(knot)]] : [])))
          : {},
      );
    },
    choose: (slotId: string, partId: string) =>
      setChosen((held) => ({ ...held, [slotId]: parts.find(({ id }) => id === partId)?.id })),
    /** the user's own words for a rig, kept with the house */
    call: (text: string) => rig && setWords((held) => ({ ...held, [rig]: text })),
    keepWords: () => {
      if (JSON.stringify(words) === JSON.stringify(house.rigWords)) return;
      start(async () => {
        const reply = await changeHouseAction({
          rigWords: Object.fromEntries(Object.entries(words).filter(([, each]) => each.trim() !== '')),
        }).catch(() => null);
        if (!reply?.ok) setFailure(reply ? reply.code : 'unreachable');
      });
    },
    save: () => {
      if (!chain || !presentation || name.trim() === '') return;
      start(async () => {
        setFailure(null);
        const reply = await startSetupAction({
          name,
          reason: firstReason,
          chain,
          presentation,
          parts: builtInKnots,
        }).catch(() => null);
        if (reply?.ok) router.push(`/bench/${reply.data.setupId}`);
        else setFailure(reply ? reply.code : 'unreachable');
      });
    },
  };
}
