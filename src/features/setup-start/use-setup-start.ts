'use client';

import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import { evaluate, type Evaluation } from '@/core/evaluate';
import type { KnotPattern } from '@/core/defaults/knots';
import { InputRangeError } from '@/core/guard';
import { fitsJoint } from '@/domain/fits';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { comparePart } from '@/domain/part-order';
import { builtInKnots, chainOf, slotsOf, startPresentation, type RigChoice } from '@/domain/start-setup';
import { startSetupAction } from '@/server/actions/setups';

export type StartFailure = 'bad-input' | 'database-away' | 'not-found' | 'unreachable';

/** Headless: a rig from an empty sheet, place by place. */
export function useSetupStart(box: readonly Part[], firstReason: string) {
  const router = useRouter();
  const [choice, setChoice] = useState<RigChoice>({ end: 'hook', leader: true, weight: true });
  const [chosen, setChosen] = useState<Readonly<Record<string, PartId | undefined>>>({ 'leader-knot': knotId('crossed-wrap'), 'hook-knot': knotId('doubled-eye') });
  const [name, setName] = useState('');
  const [failure, setFailure] = useState<StartFailure | null>(null);
  const [busy, start] = useTransition();

  const parts = useMemo(() => {
    const held = new Set(box.map(({ id }) => id));
    return [...box, ...builtInKnots.filter(({ id }) => !held.has(id))].sort(comparePart);
  }, [box]);
  const slots = useMemo(() => slotsOf(choice).map((slot) => ({ ...slot, parts: parts.filter((part) => fitsJoint(part, slot.kind, slot.id === 'leader-knot')) })), [choice, parts]);
  const chain = chainOf(slots, chosen);
  const missing = slots.filter(({ id }) => !chosen[id]);
  const evaluation = useMemo<Evaluation | null>(() => {
    if (!chain) return null;
    try {
      return evaluate({ parts: parts.filter(({ id }) => chain.some((joint) => joint.partId === id)), chain, presentation: startPresentation });
    } catch (error) {
      if (error instanceof InputRangeError) return null;
      throw error;
    }
  }, [chain, parts]);

  return {
    choice, setChoice, slots, chosen, missing, name, setName, evaluation, failure, busy,
    choose: (slotId: string, partId: string) => setChosen((held) => ({ ...held, [slotId]: parts.find(({ id }) => id === partId)?.id })),
    save: () => {
      if (!chain || name.trim() === '') return;
      start(async () => {
        setFailure(null);
        const reply = await startSetupAction({ name, reason: firstReason, chain, presentation: startPresentation, parts: builtInKnots }).catch(() => null);
        if (reply?.ok) router.push(`/bench/${reply.data.setupId}`);
        else setFailure(reply ? reply.code : 'unreachable');
      });
    },
  };
}

const knotId = (pattern: KnotPattern) => builtInKnots.find((knot) => knot.kind === 'knot' && knot.pattern === pattern)?.id;
