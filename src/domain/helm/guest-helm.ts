import type { Helm } from './helm';
import type { LiveMessage } from './live';

/** A helm as a guest sees it: its figures, without where the instruments are reached. */
export const guestHelm = (helm: Helm): Helm => ({ ...helm, connections: [], routes: [] });

/** What a guest hears of the live line: readings, and nothing of who typed or answered what. */
export function guestMessage(message: LiveMessage): LiveMessage | null {
  switch (message.kind) {
    case 'readings':
      return message;
    case 'hello':
      return {
        ...message,
        links: [],
        events: [],
        helm: message.helm && { ...message.helm, document: guestHelm(message.helm.document) },
      };
    case 'helm':
      return { ...message, helm: { ...message.helm, document: guestHelm(message.helm.document) } };
    case 'links':
    case 'event':
    case 'logged':
      return null;
  }
}
