import { useEffect, useState } from 'react';
import type { Remedies } from '@/core/decide';
import type { Part } from '@/domain/parts';
import { browserPool } from '@/workers/browser-pool';
import type { SuitedSetup } from './use-suited';

/** So many of the setups that do not suit are looked at without being asked. */
const BY_ITSELF = 10;

export type Mend = Remedies | 'waiting' | 'failed';

/**
 * What would mend the setups that do not suit: the first ten by themselves, one after the other, any other when asked. A
 * ranking that changes gives up what is under way; answers of a ranking are kept as long as it stands.
 */
export function useMends(ranked: readonly SuitedSetup[], box: readonly Part[]) {
  const [found, setFound] = useState<{ of: unknown; mends: Readonly<Record<string, Mend>> }>({ of: null, mends: {} });
  const [asked, setAsked] = useState<{ of: unknown; ids: readonly string[] }>({ of: null, ids: [] });
  const wanted = asked.of === ranked ? asked.ids : [];
  const queue = [
    ...wanted,
    ...ranked
      .filter(({ standing }) => standing === 'goes' || standing === 'fails')
      .slice(0, BY_ITSELF)
      .map(({ id }) => id),
  ];
  const mends = found.of === ranked ? found.mends : {};
  const nextId = queue.find((id) => !(id in mends)) ?? null;
  useEffect(() => {
    const next = ranked.find(({ id }) => id === nextId);
    if (!next) return;
    const giveUp = new AbortController();
    const note = (mend: Mend) =>
      setFound((now) => ({ of: ranked, mends: { ...(now.of === ranked ? now.mends : {}), [next.id]: mend } }));
    browserPool()
      .ask({ kind: 'remedies', setup: next.today, box }, { signal: giveUp.signal })
      .then(note, () => !giveUp.signal.aborted && note('failed'));
    return () => giveUp.abort();
  }, [ranked, box, nextId]);
  return {
    mendOf: (id: string): Mend | null => mends[id] ?? (queue.includes(id) ? 'waiting' : null),
    ask: (id: string) => setAsked({ of: ranked, ids: [id, ...wanted.filter((each) => each !== id)] }),
  };
}
