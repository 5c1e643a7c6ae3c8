'use client';

import { LAST_WORDS } from '@/i18n/last-words';

/** The frame itself could not be made. */
export default function GlobalError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <main style={{ maxWidth: '36rem', margin: '3rem auto', fontFamily: 'sans-serif' }}>
          <h1>Ferula</h1>
          <p>{LAST_WORDS.en}</p>
          <p lang="es">{LAST_WORDS.es}</p>
          <button type="button" onClick={reset}>
            ↻
          </button>
        </main>
      </body>
    </html>
  );
}
