const BEAT_MS = 100;

/**
 * What some work comes to, or an error once it has taken longer than `ms`. Time is counted in beats, and a process that is busy
 * misses them: an answer that has come meanwhile is read before it counts as late.
 *
 * @throws what `late` makes, when the time is over; the work itself goes on, and nobody hears of it.
 */
export function within<T>(ms: number, work: Promise<T>, late: () => Error): Promise<T> {
  return new Promise((resolve, reject) => {
    let beats = 0;
    const timer = setInterval(() => {
      beats += 1;
      if (beats * BEAT_MS < ms) return;
      clearInterval(timer);
      reject(late());
    }, BEAT_MS);
    work.then(resolve, reject).finally(() => clearInterval(timer));
  });
}
