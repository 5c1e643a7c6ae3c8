import type { I18n } from '@/i18n/client';

/** A place on the boat as it is said: "holder-3" as "holder 3"; one that the boat no longer has keeps the name it was kept under. */
export function placeText({ t }: Pick<I18n, 't'>, name: string): string {
  const found = /^(holder|downrigger|outrigger|mast)-(\d{1,3})$/.exec(name);
  return found ? t(`towPlace.${found[1] as 'holder'}`, { n: Number(found[2]) }) : name;
}
