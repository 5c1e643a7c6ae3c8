'use server';

import { cookies } from 'next/headers';
import { z } from 'zod';
import { LETTER_KEYS, LIGHTINGS, LOCALES, SPEED_UNITS, UNIT_SYSTEMS } from '@/i18n/preferences';

const choice = z.discriminatedUnion('name', [
  z.strictObject({ name: z.literal('locale'), value: z.enum(LOCALES) }),
  z.strictObject({ name: z.literal('units'), value: z.enum(UNIT_SYSTEMS) }),
  z.strictObject({ name: z.literal('lighting'), value: z.enum(LIGHTINGS) }),
  z.strictObject({ name: z.literal('speedUnit'), value: z.enum(SPEED_UNITS) }),
  z.strictObject({ name: z.literal('letterKeys'), value: z.enum(LETTER_KEYS) }),
]);

export type Choice = z.infer<typeof choice>;

const A_YEAR_S = 365 * 24 * 3600;

/** Keeps a preference in its cookie; anything but a known choice is dropped. */
export async function choosePreference(raw: Choice): Promise<{ readonly ok: boolean }> {
  const parsed = choice.safeParse(raw);
  if (!parsed.success) return { ok: false };
  (await cookies()).set(parsed.data.name, parsed.data.value, { path: '/', maxAge: A_YEAR_S, sameSite: 'lax' });
  return { ok: true };
}
