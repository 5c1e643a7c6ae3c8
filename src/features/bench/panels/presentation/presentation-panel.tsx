'use client';

import type { House } from '@/domain/house';
import type { Presentation } from '@/domain/presentation';
import { useI18n } from '@/i18n/client';
import type { SpokenOf } from '@/i18n/setup-text';
import { Panel } from '@/ui/panel';
import { ConditionsFields } from './conditions-fields';
import { presentationEdit } from './edit';
import { FishFields } from './fish-fields';
import { Group } from './group';
import { SweepFields } from './sweep-fields';
import { WantedFields } from './wanted-fields';
import { WaterFields } from './water-fields';
import { WayFields } from './way-fields';

export interface PresentationPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly presentation: Presentation;
  readonly house: House;
  readonly rig: SpokenOf;
  /** names of the joints that carry the pull */
  readonly carrying: readonly string[];
  readonly onPresent: (presentation: Presentation, field: string) => void;
}

/** Everything besides the parts that the verdicts depend on; each change counts at once. */
export function PresentationPanel({
  open,
  onOpenChange,
  presentation: p,
  house,
  rig,
  carrying,
  onPresent,
}: PresentationPanelProps) {
  const { t } = useI18n();
  const edit = presentationEdit(p, onPresent);
  return (
    <Panel side open={open} onOpenChange={onOpenChange} title={t('presentation.title')} closeLabel={t('common.close')}>
      <p className="semi-narrow mb-2 text-[12.5px] text-dim">{t('presentation.note')}</p>
      <WayFields {...edit} house={house} />
      <WaterFields {...edit} />
      {(p.kind === 'cast' || p.held === 'hand') && <SweepFields {...edit} angler={house.angler} />}
      <FishFields {...edit} />
      <WantedFields {...edit} rig={rig} carrying={carrying} />
      <Group title={t('presentation.conditions')}>
        <ConditionsFields
          conditions={p.conditions}
          onConditions={(conditions, field) => edit.change({ conditions }, field)}
        />
      </Group>
    </Panel>
  );
}
