'use client';

import { useMemo, useState } from 'react';
import type { Bottom } from '@/core/rig';
import type { MATERIALS, BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import { classesWith } from '@/core/tackle/defaults/classes';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { QuestionOf } from '@/workers/protocol';
import { Answers, Caution, Fields, Figure, Note } from '@/features/fields/sheet';
import type { ToolProps } from './parts';
import { WeightTableView } from './weight-table';

const METALS = [
  'lead',
  'tungsten',
  'steel',
  'brass',
  'bismuth',
  'tin',
] as const satisfies readonly (keyof typeof MATERIALS)[];
const BOTTOMS = ['sand', 'mud', 'rock', 'weed'] as const;
const DEGREE = Math.PI / 180;

/** The weight that holds the line at an angle, in touch with this bottom or free of it, and the house rule beside it. */
export function WeightTool({ main }: ToolProps) {
  const { t, format, number } = useI18n();
  const { presentation } = main.setup;
  const classes = useMemo(() => classesWith(main.setup.house?.classes), [main.setup]);
  const [depthM, setDepth] = useState(
    (presentation.kind === 'towed' ? presentation.bottomM : undefined) ?? presentation.depthM,
  );
  const [angleRad, setAngle] = useState(45 * DEGREE);
  const [from, setFrom] = useState<'surface' | 'plumb'>('surface');
  const [bottom, setBottom] = useState<Bottom | 'free'>(presentation.conditions.bottom ?? 'sand');
  const [share, setShare] = useState(classes.bottoms.dragged.share);
  const [material, setMaterial] = useState<BodyMaterial>('lead');
  const surfaceAngleRad = from === 'surface' ? angleRad : Math.PI / 2 - angleRad;
  const question = useMemo(
    (): QuestionOf<'bottom-weight'> | null =>
      presentation.kind === 'towed'
        ? {
            kind: 'bottom-weight',
            setup: main.setup,
            ask: { depthM, surfaceAngleRad, bottom: bottom === 'free' ? null : bottom, share, material },
          }
        : null,
    [main.setup, presentation, depthM, surfaceAngleRad, bottom, share, material],
  );
  const { last } = useAnswer(question);
  if (presentation.kind !== 'towed') return <p>{t('water.card.onlyTowed')}</p>;
  const found = last?.answer ?? null;
  return (
    <>
      <Fields>
        <Figure
          label={t('water.depth')}
          measure="depth"
          value={depthM}
          limits={{ min: 0.5, max: 200 }}
          onValue={setDepth}
        />
        <Figure
          label={t(from === 'surface' ? 'water.weight.fromSurface' : 'water.weight.fromPlumb')}
          measure="angle"
          value={angleRad}
          limits={{ min: 2 * DEGREE, max: 88 * DEGREE }}
          onValue={setAngle}
        />
        <ChoiceField
          label={t('water.weight.measured')}
          value={from}
          options={(['surface', 'plumb'] as const).map((value) => ({ value, label: t(`water.weight.${value}`) }))}
          onValueChange={(next) => {
            setFrom(next);
            setAngle(Math.PI / 2 - angleRad);
          }}
        />
        <ChoiceField
          label={t('presentation.bottom')}
          value={bottom}
          options={[
            ...BOTTOMS.map((value) => ({ value: value as Bottom | 'free', label: t(`word.${value}`) })),
            { value: 'free' as const, label: t('water.weight.free') },
          ]}
          onValueChange={setBottom}
        />
        {bottom !== 'free' && (
          <Figure
            label={t('water.weight.share')}
            measure="share"
            value={share}
            limits={{ min: 0, max: 0.95 }}
            onValue={setShare}
          />
        )}
        <ChoiceField
          label={t('water.weight.metal')}
          value={material}
          options={METALS.map((value) => ({ value: value as BodyMaterial, label: t(`word.${value}`) }))}
          onValueChange={setMaterial}
        />
      </Fields>
      {found && <AngleArc angleRad={surfaceAngleRad} />}
      {found && found.outcome !== 'ok' && <p className="font-semibold">{t(`water.outcome.${found.outcome}`)}</p>}
      {found && found.outcome === 'ok' && (
        <>
          <Answers
            rows={[
              [t('water.weight.answer'), format(found.massKg, 'mass'), 'weight-mass'],
              [t('water.weight.lineOut'), format(found.lineOutM, 'distance'), 'weight-line'],
              ...(found.contactN === null
                ? []
                : [[t('water.weight.contact'), format(found.contactN, 'smallForce')] as const]),
              [
                t('water.weight.thumb'),
                t('water.weight.thumbIs', {
                  mass: format(found.thumbKg, 'mass'),
                  times: number(found.overThumb ?? 0, 2),
                }),
              ],
            ]}
          />
          <Note>
            {t('water.weight.why', {
              speed: format(classes.thumb['bottom-weight'].atMps, 'speed'),
              angle: format(classes.thumb['bottom-weight'].angleRad, 'angle'),
            })}
          </Note>
          <ul className="semi-narrow text-[14px]">
            {found.causes
              .filter(({ factor }) => Math.abs(Math.log(factor)) > 0.05)
              .map(({ of, factor }) => (
                <li key={of}>{t(`water.weight.cause.${of}`, { times: number(factor, 2) })}</li>
              ))}
          </ul>
          {found.lineOutM !== null && <Caution>{t('water.weight.caution')}</Caution>}
        </>
      )}
      <WeightTableView
        main={main}
        ask={{ surfaceAngleRad, bottom: bottom === 'free' ? null : bottom, share, material }}
        depthM={depthM}
        speedMps={presentation.speedMps}
      />
    </>
  );
}

/** The angle as an arc, named from the surface and from the plumb line. */
function AngleArc({ angleRad }: { readonly angleRad: number }) {
  const { t, format } = useI18n();
  const [cos, sin] = [Math.cos(angleRad), Math.sin(angleRad)];
  return (
    <svg
      viewBox="0 0 320 120"
      className="column my-2 block h-28"
      role="img"
      aria-label={t('water.angle', {
        angle: format(angleRad, 'angle'),
        plumb: format(Math.PI / 2 - angleRad, 'angle'),
      })}
    >
      <path d="M10,16H310" className="pen-surface" />
      <g className="dims">
        <path d="M60,16V112" strokeDasharray="3 3" />
        <path d={`M104,16A44,44 0 0 1 ${60 + 44 * cos},${16 + 44 * sin}`} />
        <path d={`M${60 + 62 * cos},${16 + 62 * sin}A62,62 0 0 1 60,78`} strokeDasharray="2 2" />
        <text x={112} y={34}>
          {t('water.weight.fromSurfaceIs', { angle: format(angleRad, 'angle') })}
        </text>
        <text x={66} y={106}>
          {t('water.weight.fromPlumbIs', { angle: format(Math.PI / 2 - angleRad, 'angle') })}
        </text>
      </g>
      <path d={`M60,16L${60 + 96 * cos},${16 + 96 * sin}`} className="pen-towed-on" />
    </svg>
  );
}
