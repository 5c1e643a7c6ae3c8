import { describe, expect, it } from 'vitest';
import { memberNameSchema, nameKey, passwordSchema } from './names';
import { homeOf, may, NEEDS, ROLES } from './roles';
import { shownSchema } from './shown';

describe('roles', () => {
  it('each may all that the next one may, and somewhere begins', () => {
    for (const [i, role] of ROLES.entries())
      for (const next of ROLES.slice(i + 1))
        for (const need of NEEDS) if (may(next, need)) expect(may(role, need), `${role} ${need}`).toBe(true);
    expect(ROLES.map(homeOf)).toEqual(['/bench', '/bench', '/log']);
  });
  it('a mate logs and changes nothing of the bench; only an owner has the crew', () => {
    expect(NEEDS.filter((need) => may('mate', need))).toEqual(['log', 'helm', 'cards', 'own']);
    expect(ROLES.filter((role) => may(role, 'crew'))).toEqual(['owner']);
  });
});

describe('names', () => {
  it.each([
    ['Iñaki', 'iñaki'],
    ['  Ana   Bo ', 'ana bo'],
    ['ＡＮＡ', 'ana'],
    ['Iñaki', 'iñaki'],
  ])('%s signs in as %s', (given, key) => expect(nameKey(given)).toBe(key));
  it.each(['', 'a', 'x'.repeat(41), 'a\u202Eb', '<b>', 'a\nb'])('%j is none', (given) =>
    expect(memberNameSchema.safeParse(given).success).toBe(false),
  );
  it('a password is long, whatever is in it', () => {
    expect(passwordSchema.safeParse('ten chars!').success).toBe(true);
    expect(passwordSchema.safeParse('nine char').success).toBe(false);
  });
});

it('a link shows one thing of a known kind', () => {
  expect(shownSchema.safeParse({ kind: 'helm' }).success).toBe(true);
  for (const wrong of [{ kind: 'box' }, { kind: 'sheet' }, { kind: 'helm', id: 'x' }])
    expect(shownSchema.safeParse(wrong).success).toBe(false);
});
