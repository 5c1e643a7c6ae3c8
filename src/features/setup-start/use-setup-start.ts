import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import { fitsSlot } from '@/domain/fits';
import type { House } from '@/domain/house';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { RIG_IDS, rigPattern, type RigId } from '@/domain/rigs';
import { usualIn } from '@/domain/rig-slots';
import { knotId, newPartId } from '@/domain/made-id';
import { askedOf, NOTHING_ASKED, slotFor, type Question } from '@/domain/start-from';
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

export type StartsFrom = 'rig' | 'lure' | 'question' | 'copy';

interface Start {
  readonly rig: RigId;
  readonly chosen: Readonly<Record<string, PartId | undefined>>;
  readonly name: string;
  /** parts that were made here */
  readonly made: readonly Part[];
  readonly question: Question;
}

/** A start that was kept, where its rig is still one. */
async function readStart(kept: unknown): Promise<Start | null> {
  const { made = [], question = NOTHING_ASKED, ...start } = kept as Omit<Start, 'made' | 'question'> & Partial<Start>;
  if (!RIG_IDS.includes(start.rig) || typeof start.name !== 'string') return null;
  const { partSchema } = await import('@/domain/parts');
  const parts = partSchema.array().safeParse(made);
  return parts.success ? { ...start, made: parts.data, question } : null;
}

/** Headless: a rig from an empty sheet, place by place. */
export function useSetupStart(box: readonly Part[], house: House, firstReason: string) {
  const router = useRouter();
  const [rig, setRig] = useState<RigId | null>(null);
  const [chosen, setChosen] = useState<Readonly<Record<string, PartId | undefined>>>({});
  const [name, setName] = useState('');
  const [words, setWords] = useState(house.rigWords);
  const [failure, setFailure] = useState<StartFailure | null>(null);
  const [busy, start] = useTransition();

  const [made, setMade] = useState<readonly Part[]>([]);
  const [from, setFrom] = useState<StartsFrom>('rig');
  const [about, setAbout] = useState<Part | null>(null);
  const [question, ask] = useState<Question>(NOTHING_ASKED);

  const parts = useMemo(() => {
    const held = new Set(box.map(({ id }) => id));
    return [...made, ...box, ...builtInKnots.filter(({ id }) => !held.has(id))];
  }, [made, box]);
  const slots = useMemo(
    () =>
      rig
        ? rigPattern(rig).slots.map((slot) => ({
            ...slot,
            parts: parts.filter((part) => fitsSlot(part, slot)),
            // Knots are tied, not bought.
            kinds: slot.partKind === 'knot' ? [] : [slot.partKind],
            usual: usualIn(slot),
          }))
        : [],
    [rig, parts],
  );
  const chain = useMemo(() => (rig ? chainOf(slots, chosen) : null), [rig, slots, chosen]);
  const asked = from === 'question' ? question : NOTHING_ASKED;
  const presentation = useMemo(
    () => (rig && chain ? askedOf(usualPresentation(rig, parts, chain, house.schools), asked) : null),
    [rig, parts, chain, house, asked],
  );
  const missing = slots.filter(({ id }) => !chosen[id]);
  const toEvaluate = useMemo(
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
  const worked = useAnswer(toEvaluate);
  const evaluation = worked.last && worked.last.question === toEvaluate ? worked.last.answer : null;

  const unsaved = useMemo(
    () => (rig && (name !== '' || made.length > 0) ? { rig, chosen, name, made, question } : null),
    [rig, chosen, name, made, question],
  );
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
      setMade(kept.made);
      ask(kept.question);
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
      const place = next && about && from !== 'rig' ? slotFor(next, about) : null;
      setChosen(
        next
          ? Object.fromEntries([
              ...rigPattern(next).slots.flatMap(({ id, knot }) => (knot ? [[id, knotId(knot)]] : [])),
              ...(place ? [[place, about!.id]] : []),
            ])
          : {},
      );
    },
    from,
    setFrom,
    about,
    setAbout,
    question,
    ask,
    parts,
    isMade: (part: Part | null) => part !== null && made.includes(part),
    /** a part that the Box does not hold yet; it is put there with the setup */
    make: (part: Part): Part => {
      const own = { ...part, id: newPartId() };
      setMade((held) => [own, ...held]);
      return own;
    },
    choose: (slotId: string, partId: PartId | undefined) => setChosen((held) => ({ ...held, [slotId]: partId })),
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
          parts: [...builtInKnots, ...made].filter(({ id }) => chain.some(({ partId }) => partId === id)),
        });
        if (reply.ok) {
          draft.saved();
          router.push(`/bench/${reply.data.setupId}`);
        } else setFailure(reply.code);
      });
    },
  };
}

export type SetupStartState = ReturnType<typeof useSetupStart>;
