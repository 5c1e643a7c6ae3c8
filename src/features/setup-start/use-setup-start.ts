import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import { fitsSlot } from '@/domain/fits';
import type { House } from '@/domain/house';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { RIG_IDS, rigPattern, type RigId } from '@/domain/rigs';
import { knotId } from '@/domain/made-id';
import { builtInKnots, chainOf } from '@/domain/start-setup';
import { usualPresentation } from '@/domain/usual-presentation';
import { send } from '@/features/fields/send';
import { useAnswer } from '@/features/fields/use-answer';
import { useDraft } from '@/features/fields/use-draft';
import { changeHouseAction } from '@/server/actions/house';
import { startSetupAction } from '@/server/actions/setups';
import type { FailureCode } from '@/server/reply';
import type { QuestionOf } from '@/workers/protocol';

export type StartFailure = 'not-found' | 'unreachable' | FailureCode;

interface Start {
  readonly rig: RigId;
  readonly chosen: Readonly<Record<string, PartId | undefined>>;
  readonly name: string;
}

/** A start that was kept, where its rig is still one. */
const readStart = (kept: unknown): Start | null => {
  const start = kept as Start;
  return RIG_IDS.includes(start.rig) && typeof start.name === 'string' ? start : null;
};

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
    return [...box, ...builtInKnots.filter(({ id }) => !held.has(id))];
  }, [box]);
  const slots = useMemo(
    () =>
      rig
        ? rigPattern(rig).slots.map((slot) => ({ ...slot, parts: parts.filter((part) => fitsSlot(part, slot)) }))
        : [],
    [rig, parts],
  );
  const chain = useMemo(() => (rig ? chainOf(slots, chosen) : null), [rig, slots, chosen]);
  const presentation = useMemo(
    () => (rig && chain ? usualPresentation(rig, parts, chain, house.schools) : null),
    [rig, parts, chain, house],
  );
  const missing = slots.filter(({ id }) => !chosen[id]);
  const question = useMemo(
    (): QuestionOf<'evaluate'> | null =>
      chain && presentation
        ? {
            kind: 'evaluate',
            setup: {
              parts: parts.filter(({ id }) => chain.some((joint) => joint.partId === id)),
              chain,
              presentation,
              house,
            },
          }
        : null,
    [chain, presentation, parts, house],
  );
  const worked = useAnswer(question);
  const evaluation = worked.last && worked.last.question === question ? worked.last.answer : null;

  const unsaved = useMemo(() => (rig && name !== '' ? { rig, chosen, name } : null), [rig, chosen, name]);
  const draft = useDraft('new setup', unsaved, readStart);

  return {
    draft,
    takeUpDraft: () => {
      const kept = draft.offer?.value;
      draft.takeUp();
      if (!kept) return;
      setRig(kept.rig);
      setChosen(kept.chosen);
      setName(kept.name);
    },
    rig,
    slots,
    chosen,
    missing,
    name,
    setName,
    evaluation,
    isWorking: worked.waiting,
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
        const changes = Object.entries(words).flatMap(([key, text]) => {
          const [from, to] = [house.rigWords[key] ?? null, text.trim() === '' ? null : text.trim()];
          return from === to ? [] : [{ kind: 'entry', document: 'rigWords', id: '', key, from, to }];
        });
        if (changes.length === 0) return;
        const reply = await send('change-house', changeHouseAction, { changes });
        if (!reply.ok) setFailure(reply.code);
      });
    },
    save: () => {
      if (!chain || !presentation || name.trim() === '') return;
      start(async () => {
        setFailure(null);
        const reply = await send('start-setup', startSetupAction, {
          name,
          reason: firstReason,
          chain,
          presentation,
          parts: builtInKnots,
        });
        if (reply.ok) {
          draft.saved();
          router.push(`/bench/${reply.data.setupId}`);
        } else setFailure(reply.code);
      });
    },
  };
}
