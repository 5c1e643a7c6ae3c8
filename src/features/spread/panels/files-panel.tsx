'use client';

import { useState } from 'react';
import type { Problem } from '@/domain/problems';
import { saveText } from '@/features/fields/save-text';
import { Note, Press } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { problemText } from '@/i18n/problem-text';
import type { SpreadInHand } from '../use-spread';

const MOST_BYTES = 1_000_000;

/** The spread as JSON, out and in, and its drawings as SVG. What comes in is read first and changes nothing until it is opened. */
export function FilesPanel({ inHand, onOpened }: { readonly inHand: SpreadInHand; readonly onOpened: () => void }) {
  const { t } = useI18n();
  const [problems, setProblems] = useState<readonly Problem[] | null>(null);
  const { spread } = inHand;
  const name = spread.name.trim() === '' ? 'spread' : spread.name.trim().replace(/[^\p{L}\p{N}]+/gu, '-');
  const readFile = async (file: File): Promise<void> => {
    setProblems(null);
    const [{ spreadSchema }, { parse }] = await Promise.all([
      import('@/domain/spread/spread'),
      import('@/domain/problems'),
    ]);
    const found = file.size > MOST_BYTES ? null : asJson(await file.text());
    const read = parse(spreadSchema, found?.value);
    if (!read.ok) return setProblems(read.problems.slice(0, 8));
    inHand.openFile(read.data);
    onOpened();
  };
  return (
    <div className="flex flex-col gap-3" data-testid="files">
      <p className="flex flex-wrap gap-2">
        <Press onPress={() => saveText(`${name}.json`, 'application/json', `${JSON.stringify(spread, null, 2)}\n`)}>
          {t('spread.files.json')}
        </Press>
        {(['above', 'side', 'turn'] as const).map((which) => (
          <Press key={which} onPress={() => saveDrawing(which, `${name}-${which}.svg`)}>
            {t(`spread.files.svg.${which}`)}
          </Press>
        ))}
      </p>
      {inHand.version !== null && (
        <a
          className="semi-narrow underline underline-offset-2"
          href={`/files/bundle.json?spread=${encodeURIComponent(spread.id)}`}
          download={`${name}-bundle.json`}
        >
          {t('spread.files.bundle')}
        </a>
      )}
      <label className="semi-narrow">
        <span className="block">{t('spread.files.open')}</span>
        <input
          type="file"
          accept="application/json,.json"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void readFile(file);
          }}
        />
      </label>
      {problems && (
        <div role="alert">
          <p>{t('spread.files.refused')}</p>
          <ul className="semi-narrow text-[14px]">
            {problems.map((problem, i) => (
              <li key={i}>{problemText(t, problem)}</li>
            ))}
          </ul>
        </div>
      )}
      <Note>{t('spread.files.note')}</Note>
      {inHand.version !== null && (
        <p className="border-t border-faint pt-2">
          <Press
            onPress={() => {
              inHand.remove();
              onOpened();
            }}
          >
            {t('spread.files.remove', { name: spread.name })}
          </Press>
        </p>
      )}
    </div>
  );
}

function asJson(text: string): { readonly value: unknown } | null {
  try {
    return { value: JSON.parse(text) as unknown };
  } catch {
    return null;
  }
}

/** Pens of a drawing that a file has to carry itself, since it leaves the style sheet behind. */
const CARRIED = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'paint-order',
] as const;

function saveDrawing(testId: string, name: string): void {
  const drawn = document.querySelector<SVGSVGElement>(`svg[data-testid="${testId}"]`);
  if (!drawn) return;
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const originals = drawn.querySelectorAll<SVGElement>('*');
  copy.querySelectorAll<SVGElement>('*').forEach((element, i) => {
    const style = getComputedStyle(originals[i]!);
    for (const property of CARRIED) element.setAttribute(property, style.getPropertyValue(property));
    element.removeAttribute('class');
  });
  copy.querySelectorAll('.grab, [role="slider"], [role="button"]').forEach((element) => element.remove());
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  saveText(name, 'image/svg+xml', new XMLSerializer().serializeToString(copy));
}
