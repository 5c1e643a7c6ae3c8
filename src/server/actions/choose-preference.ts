'use server';

import { cookies } from 'next/headers';
import { z } from 'zod';
import { findPreferences, putPreferences } from '@/db/repo';
import {
  LETTER_KEYS,
  LIGHTINGS,
  LOCALES,
  OWN_CHOICES,
  OWN_UNITS,
  cookieOf,
  preferenceLine,
  readPreferences,
  SPEED_UNITS,
  UNIT_SETS,
  UNIT_SYSTEMS,
  type UnitSet,
} from '@/i18n/preferences';
import { currentPreferences } from '@/i18n/server';
import { signedIn } from '../access';
import { database } from '../database';
import { LASTING_COOKIE } from '../lasting-cookie';

const choice = z.discriminatedUnion('name', [
  z.strictObject({ name: z.literal('locale'), value: z.enum(LOCALES) }),
  z.strictObject({ name: z.literal('units'), value: z.enum(UNIT_SYSTEMS) }),
  z.strictObject({ name: z.literal('lighting'), value: z.enum(LIGHTINGS) }),
  z.strictObject({ name: z.literal('speedUnit'), value: z.enum(SPEED_UNITS) }),
  z.strictObject({ name: z.literal('letterKeys'), value: z.enum(LETTER_KEYS) }),
  z.strictObject({ name: z.enum(OWN_UNITS), value: z.enum(OWN_CHOICES) }),
  z.strictObject({ name: z.literal('unitSet'), value: z.enum(Object.keys(UNIT_SETS) as [UnitSet, ...UnitSet[]]) }),
]);

export type Choice = z.infer<typeof choice>;

/** Keeps a preference in its cookie; anything but a known choice is dropped. */
export async function choosePreference(raw: Choice): Promise<{ readonly ok: boolean }> {
  const parsed = choice.safeParse(raw);
  if (!parsed.success) return { ok: false };
  const jar = await cookies();
  const { name, value } = parsed.data;
  const chosen =
    name === 'unitSet'
      ? { ...UNIT_SETS[value], ...Object.fromEntries(OWN_UNITS.map((own) => [own, 'usual'])) }
      : { [name]: value };
  keepIn(jar, chosen);
  const user = await signedIn();
  if (user) await putPreferences(database(), user.id, preferenceLine({ ...(await currentPreferences()), ...chosen }));
  return { ok: true };
}

/** After signing in: this browser takes over what its user chose elsewhere. */
export async function takeOwnPreferences(): Promise<void> {
  const user = await signedIn();
  const line = user && (await findPreferences(database(), user.id));
  if (line) keepIn(await cookies(), { ...readPreferences(cookieOf(line), null) });
}

function keepIn(jar: Awaited<ReturnType<typeof cookies>>, chosen: Readonly<Record<string, string>>): void {
  for (const [each, to] of Object.entries(chosen)) jar.set(each, to, LASTING_COOKIE);
}
