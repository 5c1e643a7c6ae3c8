'use client';

import type { ReactNode } from 'react';
import type { Drawing } from '@/core/show';
import type { Presentation } from '@/domain/presentation';
import { revisionLetter } from '@/domain/revision-letter';
import { useI18n } from '@/i18n/client';
import { scaleText } from '@/features/fields/drawing-view';

export interface TitleBlockProps {
  readonly name: string;
  readonly revision: number;
  readonly changed: boolean;
  readonly reason: string;
  readonly savedAt: Date;
  readonly presentation: Presentation;
  readonly castMassKg: number;
  readonly rod: Drawing;
  readonly detail: Drawing;
  readonly asThen: boolean;
  readonly onRevisions: () => void;
  readonly onPresentation: () => void;
}

/** Name, revision, date and scale, as on any drawing; each field opens what changes it. */
export function TitleBlock({
  name,
  revision,
  changed,
  reason,
  savedAt,
  presentation,
  castMassKg,
  rod,
  detail,
  asThen,
  onRevisions,
  onPresentation,
}: TitleBlockProps) {
  const { t, format, number, date } = useI18n();
  const letter = revisionLetter(revision);
  const water =
    'temperatureC' in presentation.water
      ? format(presentation.water.temperatureC, 'temperature')
      : format(presentation.water.densityKgPm3, 'density');
  return (
    <div className="narrow grid grid-cols-2 border border-ink bg-sheet">
      <h1 className="col-span-2 px-2 py-1 text-[16px] font-semibold leading-tight">{name}</h1>
      <Field label={t('title.revision')} onOpen={onRevisions} wide>
        <span data-testid="revision">{changed ? t('title.unsaved', { letter }) : letter}</span> · {reason}
      </Field>
      <Field label={t('title.presentation')} onOpen={onPresentation}>
        {presentation.kind === 'cast'
          ? t('title.cast', {
              style: t(`style.${presentation.castStyle}`),
              distance: format(presentation.distanceM, 'distance'),
            })
          : presentation.gear
            ? t('title.released', {
                gear: t(`gear.short.${presentation.gear.kind}`),
                line: format(presentation.gear.leadM, 'distance'),
              })
            : t('title.towed', { way: t(`word.${presentation.way}`), line: format(presentation.lineOutM, 'distance') })}
      </Field>
      <Field label={t('title.water')} onOpen={onPresentation} right>
        {t('title.depthWater', { depth: format(presentation.depthM, 'depth'), temperature: water })}
      </Field>
      <Field label={t('title.saved')}>
        {date(savedAt)}
        {asThen ? ` · ${t('title.asThen')}` : ''}
      </Field>
      <Field label={t('title.scale')} right>
        {t('drawing.rodScale', { rod: scaleText(rod.scale, number), detail: scaleText(detail.scale, number) })}
      </Field>
      <p className="sr-only">
        {t('title.beyond')} {format(castMassKg, 'mass')}
      </p>
    </div>
  );
}

function Field({
  label,
  onOpen,
  wide = false,
  right = false,
  children,
}: {
  readonly label: string;
  readonly onOpen?: () => void;
  readonly wide?: boolean;
  readonly right?: boolean;
  readonly children: ReactNode;
}) {
  const body = (
    <>
      <span className="block text-[10.5px] leading-[1.2] text-dim">{label}</span>
      <span className="block truncate text-[13.5px] leading-[1.25]">{children}</span>
    </>
  );
  const className = `block min-w-0 border-t border-faint px-2 py-1 text-left ${wide ? 'col-span-2' : ''} ${right ? 'border-l' : ''}`;
  return onOpen ? (
    <button type="button" onClick={onOpen} className={`${className} hover:bg-paper`}>
      {body}
    </button>
  ) : (
    <div className={className}>{body}</div>
  );
}
