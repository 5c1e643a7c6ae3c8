'use client';

import { useState } from 'react';
import { PARTS_OF_JOINT, type JointKind } from '@/core/tackle';
import { chainProblems } from '@/domain/chain-rules';
import type { Joint } from '@/domain/joint';
import { ADDABLE, newJoint } from '@/domain/new-joint';
import type { Part } from '@/domain/parts';
import { MakePart } from '@/features/fields/make-part';
import { useI18n } from '@/i18n/client';
import { foundAs } from '@/i18n/find-part';
import { partDetail, partTitle } from '@/i18n/part-text';
import { jointText } from '@/i18n/setup-text';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';

export interface AddJointPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly chain: readonly Joint[];
  readonly after: Joint;
  readonly box: readonly Part[];
  readonly onAdd: (joint: Joint) => void;
}

/** What can be put behind a joint: a kind that can stand there, then a part of the Box. */
export function AddJointPanel({ open, onOpenChange, chain, after, box, onAdd }: AddJointPanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const [kind, setKind] = useState<JointKind>('knot');
  const [find, setFind] = useState('');
  const at = Math.max(2, chain.indexOf(after)) + 1;
  const canStand = (each: JointKind) =>
    chainProblems(chain.toSpliced(at, 0, { ...after, id: 'new', kind: each } as Joint)).length === 0;
  const parts = box.filter(
    (part) => (PARTS_OF_JOINT[kind] as readonly string[]).includes(part.kind) && foundAs(i18n, part, find) > 0,
  );
  return (
    <Panel
      open={open}
      onOpenChange={onOpenChange}
      title={t('joint.add', { joint: jointText(i18n, after, box) })}
      closeLabel={t('common.cancel')}
    >
      <div role="radiogroup" aria-label={t('joint.kindOf')} className="narrow mb-2 flex flex-wrap gap-1">
        {ADDABLE.map((each) => (
          <button
            key={each}
            type="button"
            role="radio"
            aria-checked={kind === each}
            disabled={!canStand(each)}
            onClick={() => setKind(each)}
            className="min-h-8 border border-faint px-2 text-[14px] enabled:hover:border-ink disabled:text-dim disabled:line-through aria-checked:bg-hi aria-checked:text-on-hi"
          >
            {t(`joint.${each}`)}
          </button>
        ))}
      </div>
      <TextField label={t('common.find')} value={find} onValueChange={setFind} placeholder={t('candidates.findHint')} />
      {find.trim() !== '' && canStand(kind) && (
        <MakePart
          line={find}
          kinds={PARTS_OF_JOINT[kind]}
          box={box}
          onMade={(partId) => onAdd(newJoint(kind, partId, chain))}
        />
      )}
      {parts.length === 0 && <p className="py-2">{t('joint.noPart')}</p>}
      <ul className="mt-1 max-h-[50dvh] overflow-y-auto">
        {parts.map((part) => (
          <li key={part.id} className="border-t border-faint">
            <button
              type="button"
              disabled={!canStand(kind)}
              onClick={() => onAdd(newJoint(kind, part.id, chain))}
              className="flex min-h-8 w-full items-baseline gap-2 text-left enabled:hover:bg-paper disabled:text-dim"
            >
              {partTitle(i18n, part)}{' '}
              <span className="narrow text-[13px] text-dim">{partDetail(i18n, part, null)}</span>
            </button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
