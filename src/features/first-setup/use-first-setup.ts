import { useMemo, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import type { House } from '@/domain/house';
import type { Part } from '@/domain/parts';
import { withOwnIds } from '@/domain/own-ids';
import type { SetupFile } from '@/domain/setup';
import { send } from '@/features/fields/send';
import { useAnswer } from '@/features/fields/use-answer';
import { startSetupAction } from '@/server/actions/setups';
import type { FailureCode } from '@/server/reply';
import { useLoaded } from '@/ui/use-loaded';
import type { QuestionOf } from '@/workers/protocol';

export const HANDS = ['rod', 'line', 'lure'] as const;
export type Hand = (typeof HANDS)[number];

/** Headless: a rod, a line and a lure, the rig that they make, and what it comes to. */
export function useFirstSetup(house: House, reason: string) {
  const router = useRouter();
  const [inHand, setInHand] = useState<Readonly<Partial<Record<Hand, Part>>>>({});
  const [failure, setFailure] = useState<FailureCode | 'not-found' | 'unreachable' | null>(null);
  const [busy, start] = useTransition();
  const { rod, line, lure } = inHand;
  const isWhole = rod !== undefined && line !== undefined && lure !== undefined;
  const rigger = useLoaded(loadRigger, isWhole);
  const setup = useMemo((): SetupFile | null => {
    if (!rigger || rod?.kind !== 'rod' || line?.kind !== 'line' || !lure || !rigger.isLure(lure)) return null;
    const made = rigger.firstRig({ rod, line, lure }, house);
    return made.kind === 'rigged' ? made.setup : null;
  }, [rigger, rod, line, lure, house]);
  const evaluated = useAnswer(
    useMemo((): QuestionOf<'evaluate'> | null => (setup ? { kind: 'evaluate', setup } : null), [setup]),
  );
  const ranged = useAnswer(
    useMemo((): QuestionOf<'ranges'> | null => (setup ? { kind: 'ranges', setup } : null), [setup]),
    RANGES_AFTER_MS,
  );
  return {
    inHand,
    hold: (hand: Hand, part: Part | undefined) => {
      setFailure(null);
      setInHand((now) => ({ ...now, [hand]: part }));
    },
    isWhole,
    setup,
    evaluation: setup && evaluated.last?.question.setup === setup ? evaluated.last.answer : null,
    ranges: setup && ranged.last?.question.setup === setup ? ranged.last.answer : null,
    failed: isWhole && rigger !== null && (setup === null || evaluated.failed !== null),
    failure,
    busy,
    save: (name: string) => {
      if (!setup) return;
      start(async () => {
        const { parts, chain } = withOwnIds(setup);
        const reply = await send('start-setup', startSetupAction, {
          name,
          reason,
          chain,
          presentation: setup.presentation,
          parts,
        });
        if (reply.ok) router.push(`/bench/${reply.data.setupId}?tour=1`);
        else setFailure(reply.code);
      });
    },
  };
}

/** Ranges take longer than verdicts: they wait until typing has stopped [ms]. */
const RANGES_AFTER_MS = 400;

const loadRigger = () => import('@/i18n/quick-add/first-rig');
