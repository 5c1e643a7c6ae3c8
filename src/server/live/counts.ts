import type { LinkState } from '@/domain/helm/live';
import { readSentence } from '@/domain/instruments/nmea';
import type { Routed, Router } from '@/domain/instruments/routes';

/** What differs in a row of counts is bounded: a broken line can say anything. */
const MOST_NAMES = 40;

/** What came over one connection, counted, and how it stands. */
export class LinkCounts {
  #state: LinkState['state'];
  #why: string | null = null;
  #read = 0;
  readonly #unknown: Record<string, number> = {};
  readonly #bad: Record<string, number> = {};
  #lastBad: string | null = null;
  readonly #heard: Record<string, number> = {};

  constructor(
    private readonly id: string,
    private readonly name: string,
    state: LinkState['state'],
  ) {
    this.#state = state;
  }

  stands(state: LinkState['state'], why: string | null): void {
    [this.#state, this.#why] = [state, why];
  }

  /** Reads a line, counts it as what it is, and returns what it says to channels. */
  line(line: string, needsChecksum: boolean, router: Router, nowS: number): readonly Routed[] {
    const read = readSentence(line, needsChecksum);
    if (read.kind === 'unknown') {
      count(this.#unknown, read.type);
      return [];
    }
    if (read.kind === 'bad') {
      count(this.#bad, read.type === null ? read.why : `${read.type} ${read.why}`);
      this.#lastBad = line.slice(0, 120);
      return [];
    }
    this.#read += 1;
    for (const { source, value } of read.said)
      if (source in this.#heard || Object.keys(this.#heard).length < 2 * MOST_NAMES) this.#heard[source] = value;
    const { taken, refused } = router.route(read.said, nowS);
    for (const source of refused) count(this.#bad, `${source} outside`);
    return taken;
  }

  whole(): LinkState {
    return {
      id: this.id,
      name: this.name,
      state: this.#state,
      why: this.#why,
      read: this.#read,
      unknown: this.#unknown,
      bad: this.#bad,
      lastBad: this.#lastBad,
      heard: this.#heard,
    };
  }
}

function count(counts: Record<string, number>, name: string): void {
  const key = name in counts || Object.keys(counts).length < MOST_NAMES ? name : 'other';
  counts[key] = (counts[key] ?? 0) + 1;
}
