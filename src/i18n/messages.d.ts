import type { Catalogue } from './catalogue';
import type { Locale } from './preferences';

declare module 'next-intl' {
  interface AppConfig {
    Locale: Locale;
    Messages: Catalogue;
  }
}
