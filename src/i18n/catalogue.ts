import en from './catalogues/en.json';
import es from './catalogues/es.json';
import type { Locale } from './preferences';

export type Catalogue = typeof en;

const CATALOGUES: Readonly<Record<Locale, Catalogue>> = { en, es };

export const catalogueOf = (locale: Locale): Catalogue => CATALOGUES[locale];
