'use client';

import type { Finding } from '@/core/judge';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { findingText, jointText, type SpokenOf } from '@/i18n/setup-text';
import { Mark } from '@/ui/mark';
import { Panel } from '@/ui/panel';
import { SEVERITY_SHAPE } from '../verdicts/checks-strip';

export interface ChecksPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly findings: readonly Finding[];
  readonly rig: SpokenOf;
  readonly onSelect: (jointId: string) => void;
}

/** Every remark with its reason, what to do, the side that the house took, and the joints that it is about. */
export function ChecksPanel({ open, onOpenChange, findings, rig, onSelect }: ChecksPanelProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('checks.title')} closeLabel={t('common.close')}>
      {findings.length === 0 && <p>{t('checks.none')}</p>}
      <ol className="border-t border-faint">
        {findings.map((finding, i) => {
          const { title, found, todo, side } = findingText(i18n, finding, rig);
          return (
            <li key={`${finding.id}-${i}`} className="grid grid-cols-[20px_1fr] gap-x-2 border-b border-faint py-1.5">
              <span className="pt-0.5">
                <Mark shape={SEVERITY_SHAPE[finding.severity]} size={13} />
              </span>
              <div>
                <h3 className="narrow text-[14px] font-semibold">
                  {title}{' '}
                  <span className="font-normal text-dim">
                    · {t(`checks.severity.${finding.severity}`)} · {verdictName(finding.verdict)}
                  </span>
                </h3>
                <p>{found}</p>
                <p className="text-dim">
                  {t('checks.toDo')}: {todo}
                </p>
                {side && <p className="semi-narrow text-[13px] text-dim">{t('checks.side', { side })}</p>}
                <p className="narrow flex flex-wrap gap-x-3 text-[13px]">
                  {finding.joints
                    .flatMap((id) => rig.chain.filter((joint) => joint.id === id))
                    .map((joint) => (
                      <button
                        key={joint.id}
                        type="button"
                        className="min-h-7 underline"
                        onClick={() => {
                          onSelect(joint.id);
                          onOpenChange(false);
                        }}
                      >
                        {rig.chain.indexOf(joint) + 1} {jointText(i18n, joint, rig.parts)}
                      </button>
                    ))}
                </p>
              </div>
            </li>
          );
        })}
      </ol>
      <p className="semi-narrow mt-2 border-l-2 border-ink pl-2 text-[12.5px]">{t('checks.judge')}</p>
    </Panel>
  );
}
