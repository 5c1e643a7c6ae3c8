import { useCallback, useMemo, useRef, useState } from 'react';
import type { VerdictName } from '@/core/judge';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { foundAs } from '@/i18n/find-part';
import type { useBench } from '../state/use-bench';
import { candidateRows, ordered, type Order } from './candidate-order';

/** Headless: the candidates for the selected joint with their effects, as they are sought, ordered and listed. */
export function useCandidateList(bench: ReturnType<typeof useBench>) {
  const i18n = useI18n();
  const [find, setFind] = useState('');
  const [order, setOrder] = useState<Order>({ by: 'name', descending: false });
  const [shows, setShows] = useState<VerdictName>('set');
  const findRef = useRef<HTMLInputElement>(null);
  const found = useCallback((part: Part) => find.trim() === '' || foundAs(i18n, part, find) > 0, [i18n, find]);
  const { candidates, effects, before } = bench;
  const all = useMemo(() => candidateRows(candidates, effects, before.evaluation), [candidates, effects, before]);
  const rows = useMemo(() => ordered(all, order).filter(({ part }) => found(part)), [all, order, found]);
  const listed = useMemo(() => rows.map(({ part }) => part.id), [rows]);
  return {
    /** every candidate, for the table of all */
    all,
    rows,
    listed,
    findRef,
    list: { find, onFind: setFind, order, onOrder: setOrder, shows, onShows: setShows, findRef },
  };
}
