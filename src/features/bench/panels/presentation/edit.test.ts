import { describe, expect, it, vi } from 'vitest';
import { demoFile } from '../../../../../tests/helpers/demo';
import { presentationSchema } from '@/domain/presentation';
import { presentationEdit } from './edit';

const cast = demoFile('setup-drowned-wall').presentation;
const towed = demoFile('setup-char-flasher').presentation;

describe.each([
  ['cast', cast],
  ['towed', towed],
])('a change of a %s presentation', (_, presentation) => {
  const changed = (work: (edit: ReturnType<typeof presentationEdit>) => void) => {
    const present = vi.fn();
    work(presentationEdit(presentation, present));
    expect(present).toHaveBeenCalledTimes(1);
    return present.mock.calls[0] as [typeof presentation, string];
  };
  it('leaves everything beside it as it was, and names the field that was typed in', () => {
    const [next, field] = changed(({ change }) => change({ depthM: 4.5 }, 'depthM'));
    expect(next).toEqual({ ...presentation, depthM: 4.5 });
    expect(field).toBe('depthM');
  });
  it('of the sweep or of what is wanted touches only that field', () => {
    const [swept] = changed(({ sweep }) => sweep({ timeS: 0.5 }, 'timeS'));
    expect(swept).toEqual({ ...presentation, sweep: { ...presentation.sweep, timeS: 0.5 } });
    const [wanted] = changed((edit) => edit.wanted({ breakAt: null }, 'breakAt'));
    expect(wanted).toEqual({ ...presentation, wanted: { ...presentation.wanted, breakAt: null } });
  });
  it('is a presentation that can be saved', () => {
    const [next] = changed(({ change }) => change({ speedMps: 1.2, currentMps: 0 }, 'speedMps'));
    expect(presentationSchema.safeParse(next).success).toBe(true);
  });
});
