'use client';

import { useMemo, useState } from 'react';
import type { Evaluation } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import type { RevisionLine } from '@/domain/revision-line';
import { useAnswer } from '@/features/fields/use-answer';
import type { QuestionOf } from '@/workers/protocol';
import { drawingsOf, overlaid } from '../sheet/drawings';
import { benchHeader } from '@/features/fields/page-bench';

/** Another revision of the setup, as its file says. */
interface Over {
  readonly number: number;
  readonly setup: Setup;
}

export interface OverlayInput {
  readonly setupId: string;
  readonly line: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  readonly shown: { readonly setup: Setup; readonly evaluation: Evaluation };
}

/** Headless: the drawings of what is shown, and of the revision that is laid over it, if one is. */
export function useOverlay({ setupId, line, revisions, shown }: OverlayInput) {
  const [over, setOver] = useState<Over | null>(null);
  const asked = useAnswer(
    useMemo((): QuestionOf<'evaluate'> | null => over && { kind: 'evaluate', setup: over.setup }, [over]),
  );
  const laid = over && asked.last?.question.setup === over.setup ? asked.last.answer : null;
  const drawings = useMemo(
    () =>
      over && laid
        ? overlaid([shown.setup, shown.evaluation], [over.setup, laid])
        : { base: drawingsOf(shown.setup, shown.evaluation), over: null },
    [shown, over, laid],
  );
  const textOf = (number: number) => revisions.find((each) => each.number === number) ?? line;
  const here = { ...line, setup: shown.setup };
  const there = over && { ...textOf(over.number), setup: over.setup };
  return {
    drawings,
    /** both revisions, the older first; null while none is laid over */
    versions: there && (there.number < here.number ? { older: there, newer: here } : { older: here, newer: there }),
    /** lays a revision over: its file is what the shell reads too. False when the server does not answer. */
    lay: async (number: number): Promise<boolean> => {
      const reply = await fetch(`/bench/${setupId}/setup.json?revision=${number}`, { headers: benchHeader() }).catch(
        () => null,
      );
      if (!reply?.ok) return false;
      setOver({ number, setup: (await reply.json()) as Setup });
      return true;
    },
    takeOff: () => setOver(null),
  };
}
