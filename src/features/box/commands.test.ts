import { expect, it, vi } from 'vitest';
import { demoParts } from '@/db/demo';
import { BOX_COMMANDS, runBoxCommand, type BoxCommandName, type BoxReach } from './commands';

const rod = demoParts.find(({ kind }) => kind === 'rod')!;

function done(name: BoxCommandName, part: BoxReach['part']) {
  const did = vi.fn();
  runBoxCommand(name, {
    part,
    pick: (by) => did('pick', by),
    add: () => did('add'),
    find: () => did('find'),
    undo: () => did('undo'),
    redo: () => did('redo'),
    copy: (copied) => did('copy', copied.id),
    open: (panel) => did('open', panel),
    firstGuide: () => 'hang-test',
    pickFirst: () => did('pick first'),
  });
  return did.mock.calls;
}

it.each(BOX_COMMANDS.map(({ action }) => action))('%s does one thing to a picked part', (name) => {
  expect(done(name, rod)).toHaveLength(1);
});
it('what is done to a part asks for one where none is picked', () => {
  for (const name of ['edit', 'measure', 'stock', 'copy', 'merge', 'remove', 'history'] as const)
    expect(done(name, null), name).toEqual([['pick first']]);
  for (const name of ['previous', 'next', 'add', 'find', 'exchange', 'keys'] as const)
    expect(done(name, null), name).toEqual(done(name, rod));
});
it('measuring opens the guide that narrows most, and a copy is of the picked part', () => {
  expect(done('measure', rod)).toEqual([['open', { guide: 'hang-test' }]]);
  expect(done('copy', rod)).toEqual([['copy', rod.id]]);
});
