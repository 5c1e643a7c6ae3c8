import { describe, expect, it } from 'vitest';
import { oneAtATime } from './one-at-a-time';

/** Work that ends when the test says so. */
function held() {
  const begun: { readonly end: (error?: Error) => void }[] = [];
  const ask = oneAtATime(
    () => new Promise((resolve, reject) => begun.push({ end: (error) => (error ? reject(error) : resolve()) })),
  );
  return { begun, ask };
}
const soon = () => new Promise((resume) => setTimeout(resume));

describe('work of which one run goes on at a time', () => {
  it('starts when it is called, and resolves when the work is done', async () => {
    const { begun, ask } = held();
    const asked = ask();
    await soon();
    expect(begun).toHaveLength(1);
    begun[0]!.end();
    await asked;
    void ask();
    await soon();
    expect(begun).toHaveLength(2);
  });

  it('asked during a run begins anew after it, once for all who asked', async () => {
    const { begun, ask } = held();
    void ask();
    await soon();
    let answered = 0;
    for (let i = 0; i < 5; i += 1) void ask().then(() => (answered += 1));
    await soon();
    expect(begun).toHaveLength(1);
    begun[0]!.end();
    await soon();
    expect([begun.length, answered]).toEqual([2, 0]);
    begun[1]!.end();
    await soon();
    expect([begun.length, answered]).toEqual([2, 5]);
  });

  it('that fails tells whoever asked, and goes on with the next', async () => {
    const { begun, ask } = held();
    const failing = ask();
    await soon();
    const next = ask();
    begun[0]!.end(new Error('the database is away'));
    await expect(failing).rejects.toThrow('the database is away');
    await soon();
    begun[1]!.end();
    await next;
  });
});
