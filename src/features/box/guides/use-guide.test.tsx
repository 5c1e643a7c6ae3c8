import { beforeEach, describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import type { Guide } from '@/domain/guides';
import type { Part } from '@/domain/parts';
import type { Preferences } from '@/i18n/preferences';
import { doing, inAPage, waitFor } from '../../../../tests/helpers/in-a-page';
import { useGuide } from './use-guide';

const hook = demoParts.find(({ kind }) => kind === 'hook')!;
const rod = demoParts.find(({ kind }) => kind === 'rod')!;
const guideFor = (guide: Guide, part: Part, preferences: Partial<Preferences> = {}) =>
  inAPage(() => useGuide(guide, part), preferences);
const typing = (state: { current: ReturnType<typeof useGuide> }, at: number, column: string, text: string) =>
  doing(() => state.current.setCell(at, column, text));
const mass = (state: ReturnType<typeof useGuide>) => state.judged.found?.results[0]?.value ?? null;

beforeEach(() => localStorage.clear());

describe('readings that are typed', () => {
  it('make a figure with its spread as they come, each in its own row with an empty one below', async () => {
    const { result } = guideFor('weigh', hook);
    expect([mass(result.current), result.current.rows]).toEqual([null, [{}]]);
    await doing(() => result.current.setAnswer('count', '10'));
    await typing(result, 0, 'pileKg', '12 g');
    expect(mass(result.current)).toBeCloseTo(0.0012, 9);
    expect(result.current.rows).toEqual([{ pileKg: '12 g' }, {}]);
    await typing(result, 1, 'pileKg', '13 g');
    expect(mass(result.current)).toBeCloseTo(0.00125, 9);
    const { rows, asked } = result.current.raw;
    expect(rows.map(({ pileKg }) => Number(pileKg).toFixed(9))).toEqual(['0.012000000', '0.013000000']);
    expect(asked).toMatchObject({ count: 10 });
  });

  it('are read in the reader’s units and with the reader’s decimal sign', async () => {
    const english = guideFor('weigh', hook, { units: 'customary' });
    await typing(english.result, 0, 'pileKg', '1/2 oz');
    expect(mass(english.result.current)).toBeCloseTo(0.0141747, 6);
    const spanish = guideFor('weigh', hook, { locale: 'es' });
    await typing(spanish.result, 0, 'pileKg', '2,5 g');
    expect(mass(spanish.result.current)).toBeCloseTo(0.0025, 9);
  });

  it('that cannot be read are named in their row, and wait; the others count', async () => {
    const { result } = guideFor('weigh', hook);
    await typing(result, 0, 'pileKg', 'heavy');
    await typing(result, 1, 'pileKg', '2 g');
    expect(result.current.problems).toMatchObject([{ row: 0, column: 'pileKg' }]);
    expect(result.current.problems[0]!.text).toContain('heavy');
    expect(mass(result.current)).toBeCloseTo(0.002, 9);
    expect(result.current.raw.rows).toEqual([{ pileKg: 0.002 }]);
  });

  it('that cannot be say what could, and are not sent', async () => {
    const { result } = guideFor('weigh', hook);
    await typing(result, 0, 'pileKg', '-3 g');
    await typing(result, 1, 'pileKg', '2 g');
    expect(result.current.problems).toMatchObject([{ row: 0, column: 'pileKg' }]);
    expect(result.current.raw.rows).toEqual([{ pileKg: 0.002 }]);
  });

  it('of two columns count once both are there', async () => {
    const { result } = guideFor('hang-test', rod);
    await typing(result, 0, 'massKg', '200 g');
    expect([result.current.judged.found, result.current.problems]).toEqual([null, []]);
    await typing(result, 0, 'dropM', '31 cm');
    expect(result.current.judged.found).not.toBeNull();
    expect(result.current.judged.found!.hints).toContain('add-tip-angle');
  });

  it('are taken out row by row, and one that was timed stands last', async () => {
    const { result } = guideFor('weigh', hook);
    await typing(result, 0, 'pileKg', '2 g');
    await doing(() => result.current.addRow({ pileKg: '4 g' }));
    expect(result.current.rows).toEqual([{ pileKg: '2 g' }, { pileKg: '4 g' }, {}]);
    await doing(() => result.current.removeRow(0));
    expect(mass(result.current)).toBeCloseTo(0.004, 9);
  });
});

describe('the other fields of a guide', () => {
  it('begin with what is usual, and a word that is no number is no figure', async () => {
    const { result } = guideFor('weigh', hook);
    expect(result.current.answers['count']).toBe('1');
    await typing(result, 0, 'pileKg', '2 g');
    await doing(() => result.current.setAnswer('count', 'ten'));
    expect(result.current.raw.asked).toMatchObject({ count: null });
  });

  it('are set to what somebody was sent to measure', () => {
    const [size] = inAPage(() => useGuide('calliper', hook)).result.current.asks;
    expect(size?.kind).toBe('choice');
    const options = size?.kind === 'choice' ? size.options : [];
    const last = options.at(-1)!;
    const { result } = inAPage(() => useGuide('calliper', hook, last));
    expect(result.current.answers[size!.name]).toBe(last);
    expect(inAPage(() => useGuide('calliper', hook, 'no-such-field')).result.current.answers[size!.name]).not.toBe(
      'no-such-field',
    );
  });
});

describe('readings that were not saved', () => {
  it('are offered again, with what was asked, and forgotten once they are saved', async () => {
    const { result, unmount } = guideFor('weigh', hook);
    await doing(() => result.current.setAnswer('count', '10'));
    await typing(result, 0, 'pileKg', '12 g');
    unmount();
    const again = guideFor('weigh', hook);
    await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
    await doing(() => again.result.current.takeUpDraft());
    expect(mass(again.result.current)).toBeCloseTo(0.0012, 9);
    await doing(() => again.result.current.markSaved());
    again.unmount();
    expect(localStorage.length).toBe(0);
  });

  it('of another part are its own', async () => {
    const { result, unmount } = guideFor('weigh', hook);
    await typing(result, 0, 'pileKg', '12 g');
    unmount();
    const other = guideFor('weigh', demoParts.filter(({ kind }) => kind === 'hook')[1]!);
    await doing(() => new Promise((resume) => setTimeout(resume, 60)));
    expect(other.result.current.draft.offer).toBeNull();
  });
});
