import { useState, useTransition } from 'react';
import type { Guide } from '@/domain/guides';
import type { Part } from '@/domain/parts';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { failureText } from '@/i18n/problem-text';
import { measureAnglerAction, measurePartAction, type Measured } from '@/server/actions/box';
import type { useGuide } from './use-guide';

/** Headless: writes what was measured into the part, or keeps what it tells of the angler. */
export function useGuideSaving(
  { guide, part, version }: { readonly guide: Guide; readonly part: Part; readonly version: number },
  work: ReturnType<typeof useGuide>,
  onMeasured: (before: Part) => void,
) {
  const i18n = useI18n();
  const { t } = i18n;
  const [saved, setSaved] = useState<Measured | null>(null);
  const [kept, setKept] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const save = () =>
    start(async () => {
      setFailure(null);
      const reply = await send('measure-part', measurePartAction, {
        partId: part.id,
        expectedVersion: version,
        guide,
        raw: work.raw,
      });
      if (reply.ok) {
        work.markSaved();
        onMeasured(part);
        setSaved(reply.data);
      } else
        setFailure(
          reply.code === 'bad-input'
            ? t('failure.bad-field', {
                field: fieldLabel(i18n, part.kind, reply.fields[0]!.path.replace(/\.value$/, '')),
              })
            : failureText(t, reply.code, 'setups' in reply ? reply.setups?.map(({ name }) => name) : []),
        );
    });

  const keep = () =>
    start(async () => {
      setFailure(null);
      const reply = await send('measure-angler', measureAnglerAction, { partId: part.id, guide, raw: work.raw });
      setKept(reply.ok);
      if (reply.ok) work.markSaved();
      else setFailure(failureText(t, reply.code));
    });
  return { saved, kept, failure, busy, save, keep };
}
