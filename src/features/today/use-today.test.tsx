import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse, demoParts, demoPlans, demoWaters } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import { packed } from '@/domain/packed';
import { packedSetups } from '@/domain/packed-setups';
import type { TodayPage } from '@/server/queries/today-page';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useToday } from './use-today';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
vi.mock('@/server/actions/plans', () => ({
  savePlanAction: async () => ({ ok: false, code: 'failed', fields: [] }),
  saveWaterAction: async () => ({ ok: false, code: 'failed', fields: [] }),
  removeWaterAction: async () => ({ ok: false, code: 'failed', fields: [] }),
}));
beforeEach(() => {
  here.pool = new AskedPool();
  localStorage.clear();
});

const setups = demoFiles
  .filter(({ newest }) => newest)
  .slice(0, 6)
  .map(({ id, file }) => ({ id: setupIdSchema.parse(id), name: file.name, file }));
const latest = demoPlans.map((plan, version) => ({ plan, version })).at(-1)!;
const bare = { ...latest.plan, slots: [] };
const page = (given: Partial<TodayPage> = {}): TodayPage =>
  ({
    setups: packedSetups(setups),
    box: packed(demoParts),
    house: demoHouse,
    plans: [latest],
    waters: demoWaters.map((water) => ({ water, version: 1 })),
    asked: latest.plan.id,
    today: latest.plan.date,
    ...given,
  }) as TodayPage;
/** A page of which all that is asked by itself is answered by the core. */
async function today(given: Partial<TodayPage> = {}) {
  const own = page(given);
  const { result } = inAPage(() => useToday(own));
  await ranked();
  return result;
}
const ranked = async () => {
  await waitFor(() => here.pool.last('suit-days'));
  await doing(() => here.pool.last('suit-days').answer());
};
const withoutSlots = { plans: [{ plan: bare, version: 0 }] };

describe('the day’s ranking', () => {
  it('asks for the whole day and for each slot in one question', async () => {
    await today();
    const [asked] = here.pool.asked;
    expect(asked!.question).toMatchObject({ slotIds: [null, ...latest.plan.slots.map(({ id }) => id)] });
  });

  it('shows the first slot, what it is fished with before the rest', async () => {
    const result = await today();
    const [slot] = latest.plan.slots;
    expect(result.current.slot?.id).toBe(slot!.id);
    const planned = result.current.shown.ranked.filter(({ id }) => slot!.setupIds.includes(id as never));
    expect(result.current.shown.ranked.slice(0, planned.length)).toEqual(planned);
    expect(result.current.chosen).toEqual(result.current.shown.ranked[0]);
  });

  it('is the whole day’s where there are no slots', async () => {
    const result = await today(withoutSlots);
    expect(result.current.slot).toBeNull();
    expect(result.current.shown.slotId).toBeNull();
    expect(result.current.shown.ranked).toHaveLength(setups.length);
  });

  it('asks nothing anew when a slot is filled or renamed, and asks when its water does', async () => {
    const result = await today();
    const asks = () => here.pool.kinds().filter((kind) => kind === 'suit-days').length;
    const [slot] = result.current.plan.slots;
    await doing(() => result.current.changeSlot(slot!.id, { name: 'Another name' }));
    await doing(() => result.current.toggle(setups[0]!.id));
    expect(asks()).toBe(1);
    await doing(() => result.current.changeSlot(slot!.id, { now: { ...slot!.now, depthM: { from: 1, to: 2 } } }));
    await waitFor(() => expect(asks()).toBe(2));
  });

  it('of a bench without setups asks nothing', async () => {
    const own = page({ setups: packedSetups([]) });
    const { result } = inAPage(() => useToday(own));
    await doing(() => new Promise((resume) => setTimeout(resume, 300)));
    expect(here.pool.asked).toEqual([]);
    expect(result.current).toMatchObject({ isEmpty: true, chosen: null });
    await doing(() => result.current.step(1));
    expect(result.current.chosen).toBeNull();
  });
});

describe('what is chosen', () => {
  it('goes on by one and round the end', async () => {
    const result = await today(withoutSlots);
    const ids = result.current.shown.ranked.map(({ id }) => id);
    await doing(() => result.current.step(-1));
    expect(result.current.chosen?.id).toBe(ids.at(-1));
    await doing(() => result.current.step(1));
    expect(result.current.chosen?.id).toBe(ids[0]);
    await doing(() => result.current.step(1));
    expect(result.current.chosen?.id).toBe(ids[1]);
  });

  it('is the one that was touched, in its slot', async () => {
    const result = await today();
    const other = latest.plan.slots.at(-1)!;
    const { id } = result.current.days.find(({ slotId }) => slotId === other.id)!.ranked.at(-1)!;
    await doing(() => result.current.select(id, other.id));
    expect(result.current).toMatchObject({ slot: { id: other.id }, chosen: { id } });
  });
});

describe('a slot', () => {
  it('takes a setup and gives it back; one that is gone is not taken', async () => {
    const result = await today();
    const free = setups.find(({ id }) => !result.current.slot!.setupIds.includes(id))!;
    await doing(() => result.current.toggle(free.id));
    expect(result.current.slot!.setupIds).toContain(free.id);
    await doing(() => result.current.toggle(free.id));
    expect(result.current.slot!.setupIds).not.toContain(free.id);
    const before = result.current.slot!.setupIds;
    await doing(() => result.current.toggle('setup-that-is-gone'));
    expect(result.current.slot!.setupIds).toEqual(before);
  });

  it('is made anew and opened, empty or with one setup that it is called after', async () => {
    const result = await today(withoutSlots);
    await doing(() => result.current.newSlot('Dusk'));
    expect(result.current.slot).toMatchObject({ name: 'Dusk', setupIds: [] });
    await doing(() => result.current.slotWith(setups[1]!.id));
    expect(result.current.slot).toMatchObject({ name: setups[1]!.name, setupIds: [setups[1]!.id] });
    expect(result.current.plan.slots).toHaveLength(2);
    await doing(() => result.current.slotWith('setup-that-is-gone'));
    expect(result.current.plan.slots).toHaveLength(2);
  });
});

describe('where the day leads', () => {
  it('on deck goes what the slots are fished with, each once and in their order', async () => {
    const result = await today(withoutSlots);
    await doing(() => result.current.slotWith(setups[2]!.id));
    await doing(() => result.current.slotWith(setups[0]!.id));
    await doing(() => result.current.toggle(setups[2]!.id));
    expect(new Set(result.current.forDeck(9))).toEqual(new Set([setups[2]!.id, setups[0]!.id]));
    expect(result.current.forDeck(9)).toHaveLength(2);
  });

  it('without slots goes what suits the day, no rod twice', async () => {
    const result = await today(withoutSlots);
    const fits = result.current.shown.ranked.filter(({ standing }) => standing === 'suits' || standing === 'goes');
    const deck = result.current.forDeck(9);
    expect(deck.every((id) => fits.some((each) => each.id === id))).toBe(true);
    const rods = deck.map(
      (id) => setups.find((each) => each.id === id)!.file.chain.find(({ id: joint }) => joint === 'rod')?.partId,
    );
    expect(new Set(rods).size).toBe(rods.length);
    expect(result.current.forDeck(1)).toHaveLength(Math.min(1, fits.length));
  });

  it('into the picture goes what the slot is fished with, else the best', async () => {
    const result = await today(withoutSlots);
    expect(result.current.inPicture(2)).toEqual(result.current.shown.ranked.slice(0, 2).map(({ id }) => id));
    await doing(() => result.current.slotWith(setups[3]!.id));
    expect(result.current.inPicture(2)).toEqual([setups[3]!.id]);
  });

  it('names and files are those of the bench', async () => {
    const result = await today();
    expect(result.current.nameOf(setups[0]!.id)).toBe(setups[0]!.name);
    expect([result.current.nameOf(null), result.current.nameOf('gone'), result.current.fileOf('gone')]).toEqual([
      null,
      null,
      null,
    ]);
    expect(result.current.fileOf(setups[0]!.id)?.name).toBe(setups[0]!.name);
  });
});

describe('what would mend the chosen setup', () => {
  const remedies = () => here.pool.asked.filter(({ question }) => question.kind === 'remedies');
  const poorOf = (ranked: readonly { readonly marks: object; readonly id: string }[]) =>
    ranked.filter(({ marks }) => Object.values(marks).some((mark) => mark !== 'sound'));

  it('is looked for by itself, and kept while the ranking stands', async () => {
    const result = await today(withoutSlots);
    const [first, second] = poorOf(result.current.shown.ranked);
    await doing(() => result.current.select(first!.id, null));
    expect(remedies()).toHaveLength(1);
    expect(result.current.mend).toBe('waiting');
    const given = { found: true };
    await doing(() => remedies()[0]!.answer(given));
    expect(result.current.mend).toBe(given);
    await doing(() => result.current.select(second!.id, null));
    expect(result.current.mend).toBe('waiting');
    await doing(() => result.current.select(first!.id, null));
    expect(result.current.mend).toBe(given);
    expect(remedies()).toHaveLength(2);
  });

  it('is given up when another is chosen', async () => {
    const result = await today(withoutSlots);
    const [first, second] = poorOf(result.current.shown.ranked);
    await doing(() => result.current.select(first!.id, null));
    await doing(() => result.current.select(second!.id, null));
    expect(remedies().map((each) => each.isGivenUp())).toEqual([true, false]);
  });

  it('says so where it cannot be worked out', async () => {
    const result = await today(withoutSlots);
    await doing(() => result.current.select(poorOf(result.current.shown.ranked)[0]!.id, null));
    await doing(() => remedies()[0]!.refuse('broken'));
    expect(result.current.mend).toBe('failed');
  });

  it('is not looked for where nothing is wrong', async () => {
    const result = await today(withoutSlots);
    const { ranked } = result.current.shown;
    await doing(() => result.current.select(ranked.find((each) => !poorOf(ranked).includes(each))!.id, null));
    expect(remedies().filter((each) => !each.isGivenUp())).toEqual([]);
    expect(result.current.mend).toBeNull();
  });
});
