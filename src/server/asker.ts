import { AsyncLocalStorage } from 'node:async_hooks';
import type { AnglerId } from '@/domain/ids';

const asking = new AsyncLocalStorage<AnglerId | null>();

/** Does `work` on behalf of an angler of the bench: setups are judged with their figures. */
export const asAsker = <T>(anglerId: AnglerId | null, work: () => T): T => asking.run(anglerId, work);

/** The angler who asks; null where nobody signs in. */
export const askingAngler = (): AnglerId | null => asking.getStore() ?? null;
