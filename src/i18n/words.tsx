'use client';

import { createContext, use, useContext, useMemo, type ReactNode } from 'react';
import { NextIntlClientProvider, type AbstractIntlMessages } from 'next-intl';
import type { Locale } from './preferences';
import type { Room } from './rooms';

type File = Promise<{ readonly default: AbstractIntlMessages }>;

// Each becomes a file of its own with a hash in its name, so that a browser keeps it and no page carries it.
const FILES: Readonly<Record<Locale, Readonly<Record<Room, () => File>>>> = {
  en: {
    shared: () => import('./catalogues/en/shared.json'),
    bench: () => import('./catalogues/en/bench.json'),
    box: () => import('./catalogues/en/box.json'),
    water: () => import('./catalogues/en/water.json'),
    quiver: () => import('./catalogues/en/quiver.json'),
    tying: () => import('./catalogues/en/tying.json'),
    today: () => import('./catalogues/en/today.json'),
    spread: () => import('./catalogues/en/spread.json'),
    helm: () => import('./catalogues/en/helm.json'),
    log: () => import('./catalogues/en/log.json'),
    trials: () => import('./catalogues/en/trials.json'),
    crew: () => import('./catalogues/en/crew.json'),
    rules: () => import('./catalogues/en/rules.json'),
  },
  es: {
    shared: () => import('./catalogues/es/shared.json'),
    bench: () => import('./catalogues/es/bench.json'),
    box: () => import('./catalogues/es/box.json'),
    water: () => import('./catalogues/es/water.json'),
    quiver: () => import('./catalogues/es/quiver.json'),
    tying: () => import('./catalogues/es/tying.json'),
    today: () => import('./catalogues/es/today.json'),
    spread: () => import('./catalogues/es/spread.json'),
    helm: () => import('./catalogues/es/helm.json'),
    log: () => import('./catalogues/es/log.json'),
    trials: () => import('./catalogues/es/trials.json'),
    crew: () => import('./catalogues/es/crew.json'),
    rules: () => import('./catalogues/es/rules.json'),
  },
};

interface Said {
  readonly locale: Locale;
  readonly messages: AbstractIntlMessages;
}

const Above = createContext<Said | null>(null);
const asked = new Map<string, File>();

/** The messages of a room, asked for once; a file that did not come is asked for again by the next page. */
function fileOf(locale: Locale, room: Room): File {
  const key = `${locale} ${room}`;
  const file = asked.get(key) ?? FILES[locale][room]();
  if (!asked.has(key)) {
    asked.set(key, file);
    file.catch(() => asked.delete(key));
  }
  return file;
}

/** The words of a room for everything inside, besides those of the rooms around it. */
export function Words({
  locale,
  room,
  children,
}: {
  /** as above, where left out */
  readonly locale?: Locale;
  readonly room: Room;
  readonly children: ReactNode;
}) {
  const above = useContext(Above);
  const spoken = locale ?? above?.locale;
  if (!spoken) throw new Error('Words need a locale, or Words around them that have one');
  const own = use(fileOf(spoken, room)).default;
  const said = useMemo(
    (): Said => ({ locale: spoken, messages: { ...above?.messages, ...own } }),
    [spoken, above, own],
  );
  return (
    <Above value={said}>
      <NextIntlClientProvider locale={said.locale} messages={said.messages} timeZone="UTC">
        {children}
      </NextIntlClientProvider>
    </Above>
  );
}
