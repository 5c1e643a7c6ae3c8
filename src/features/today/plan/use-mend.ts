import { useEffect, useState } from 'react';
import type { Remedies } from '@/core/decide';
import type { Part } from '@/domain/parts';
import { browserPool } from '@/workers/browser-pool';
import type { SuitedSetup } from './use-suited';

export type Mend = Remedies | 'waiting' | 'failed';

/**
 * What would mend the setup that is chosen; null where nothing is wrong with it. Choosing another gives up what is under way;
 * what was found is kept as long as the ranking stands.
 */
export function useMend(chosen: SuitedSetup | null, ranked: readonly SuitedSetup[], box: readonly Part[]): Mend | null {
  const [found, setFound] = useState<{ of: unknown; mends: Readonly<Record<string, Mend>> }>({ of: null, mends: {} });
  const mends = found.of === ranked ? found.mends : {};
  const poor = chosen && Object.values(chosen.marks).some((mark) => mark !== 'sound') ? chosen : null;
  const asked = poor && !(poor.id in mends) ? poor : null;
  useEffect(() => {
    if (!asked) return;
    const giveUp = new AbortController();
    const note = (mend: Mend) =>
      setFound((now) => ({ of: ranked, mends: { ...(now.of === ranked ? now.mends : {}), [asked.id]: mend } }));
    browserPool()
      .ask({ kind: 'remedies', setup: asked.today, box }, { signal: giveUp.signal })
      .then(note, () => !giveUp.signal.aborted && note('failed'));
    return () => giveUp.abort();
  }, [asked, ranked, box]);
  return poor && (mends[poor.id] ?? 'waiting');
}
