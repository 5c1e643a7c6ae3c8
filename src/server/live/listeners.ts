import type { LiveMessage } from '@/domain/helm/live';

/** A page that holds a live line. */
export interface Listener {
  readonly send: (text: string) => void;
  readonly end: () => void;
  /** what of a message is for this page, or null: nothing; absent: all of it */
  readonly only?: ((message: LiveMessage) => LiveMessage | null) | undefined;
}

/** All pages that listen to a bench. */
export class Listeners {
  readonly #all = new Set<Listener>();

  /** Greets a page; it is told what is new until it is let go. */
  add(listener: Listener, hello: LiveMessage): () => void {
    const part = listener.only ? listener.only(hello) : hello;
    if (part) listener.send(textOf(part));
    this.#all.add(listener);
    return () => this.#all.delete(listener);
  }

  tell(message: LiveMessage): void {
    if (this.#all.size === 0) return;
    const text = textOf(message);
    for (const { send, only } of this.#all) {
      const part = only ? only(message) : message;
      if (part) send(part === message ? text : textOf(part));
    }
  }

  end(): void {
    for (const { end } of [...this.#all]) end();
  }
}

const textOf = (message: LiveMessage): string => `data: ${JSON.stringify(message)}\n\n`;
