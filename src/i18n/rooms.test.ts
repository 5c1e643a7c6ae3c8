import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { CATALOGUES } from './catalogue';
import { ROOMS, type Room } from './rooms';

/** The room that a folder of `src/features` is shown in; what is in none may say only what is shared. */
const SHOWN_IN: Readonly<Record<string, Room>> = {
  bench: 'bench',
  compare: 'bench',
  'broken-setup': 'bench',
  'setup-list': 'bench',
  'first-setup': 'bench',
  'setup-start': 'bench',
  box: 'box',
  'true-scale': 'box',
  water: 'water',
  quiver: 'quiver',
  deck: 'quiver',
  tying: 'tying',
  jig: 'tying',
  today: 'today',
  spread: 'spread',
  helm: 'helm',
  log: 'log',
  trials: 'trials',
  crew: 'crew',
  rules: 'rules',
  fields: 'shared',
  ruler: 'shared',
};
const FEATURES = 'src/features';
const roomOf = new Map(ROOMS.flatMap((room) => Object.keys(CATALOGUES.en[room]).map((name) => [name, room] as const)));

describe('the files of messages', () => {
  it('share no name, in either language', () => {
    for (const rooms of Object.values(CATALOGUES)) {
      const names = ROOMS.flatMap((room) => Object.keys(rooms[room]));
      expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
      for (const room of ROOMS) expect(Object.keys(rooms[room])).toEqual(Object.keys(CATALOGUES.en[room]));
    }
  });
  it.each(readdirSync(FEATURES))('hold what %s says in its own room or in the shared one', (feature) => {
    const room = SHOWN_IN[feature];
    expect(room).toBeDefined();
    for (const file of sourcesIn(join(FEATURES, feature)))
      for (const [, name] of readFileSync(file, 'utf8').matchAll(/\bt(?:\.has)?\(\s*['"`](\w+)\./g))
        expect([room, 'shared', undefined], `${file} says ${name}.…`).toContain(roomOf.get(name!));
  });
});

function sourcesIn(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\./.test(file))
    .map((file) => join(folder, file));
}
