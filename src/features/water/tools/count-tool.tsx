'use client';

import { useState } from 'react';
import { InputRangeError } from '@/core/base/guard';
import {
  countFactor,
  lineCounted,
  lineATurnM,
  lineProperties,
  type LineCount,
  type LinePart,
  type ReelPart,
  spoolOf,
} from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { Answers, Fields, Figure, Note, Press } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

const WAYS = ['metres', 'counter', 'turns', 'passes', 'pulls', 'seconds', 'colours'] as const;
type Way = (typeof WAYS)[number];

/** Line out as it is counted: metres, turns, passes, pulls, seconds, colours or a counter, set right by one measured length. */
export function CountTool({ main, dispatch }: ToolProps) {
  const i18n = useI18n();
  const { t, format, number, read } = i18n;
  const [way, setWay] = useState<Way>('counter');
  const [counted, setCounted] = useState('20');
  const [turnsAPass, setTurns] = useState(12);
  const [pullM, setPull] = useState(0.45);
  const [fallMps, setFall] = useState(0.8);
  const [measuredM, setMeasured] = useState<number | null>(null);
  const part = (kind: 'reel' | 'line') =>
    main.setup.parts.find(({ id }) => id === main.setup.chain.find((joint) => joint.kind === kind)!.partId);
  const [reel, line] = [part('reel') as ReelPart, part('line') as LinePart];
  const onSpool = {
    spool: spoolOf(reel),
    line: {
      material: line.material,
      diameterM: lineProperties({
        material: line.material,
        strengthN: line.strengthN?.value,
        diameterM: line.diameterM?.value,
      }).diameterM,
    },
  };
  const typed = read(counted, 'ratio');
  const count = typed.kind === 'read' ? typed.value : NaN;
  const asked = (): LineCount => {
    switch (way) {
      case 'pulls':
        return { by: way, count, pullM };
      case 'seconds':
        return { by: way, count, fallMps };
      case 'turns':
        return { by: way, count, gearRatio: reel.gearRatio.value, ...onSpool };
      case 'passes':
        return { by: way, count, turnsAPass, ...onSpool };
      case 'counter':
        return { by: way, count, ...onSpool };
      default:
        return { by: way, count };
    }
  };
  const [found, problem] = tryCount(() => {
    const input = asked();
    const factor = measuredM !== null && 'spool' in input ? countFactor(input, measuredM) : undefined;
    return { ...lineCounted({ ...input, ...(factor === undefined ? {} : { factor }) } as LineCount), factor };
  });
  const drifts = way === 'counter' || way === 'turns' || way === 'passes';
  return (
    <>
      <Fields>
        <ChoiceField
          label={t('water.count.by')}
          value={way}
          options={WAYS.map((value) => ({ value, label: t(`water.count.${value}`) }))}
          onValueChange={setWay}
        />
        <TextField
          label={t('water.count.count')}
          value={counted}
          inputMode="decimal"
          onValueChange={setCounted}
          error={Number.isNaN(count) ? t('problem.not-a-number', { given: counted }) : null}
        />
        {way === 'passes' && (
          <Figure
            label={t('water.count.turnsAPass')}
            measure="ratio"
            value={turnsAPass}
            limits={{ min: 0.5, max: 100 }}
            onValue={setTurns}
          />
        )}
        {way === 'pulls' && (
          <Figure
            label={t('water.count.pullM')}
            measure="distance"
            value={pullM}
            limits={{ min: 0.05, max: 3 }}
            onValue={setPull}
          />
        )}
        {way === 'seconds' && (
          <Figure
            label={t('water.count.fallMps')}
            measure="speed"
            value={fallMps}
            limits={{ min: 0.05, max: 5 }}
            onValue={setFall}
          />
        )}
      </Fields>
      {problem !== null && !Number.isNaN(count) && (
        <p role="alert">{t('water.count.tooMuch', { most: number(problem.max, 0) })}</p>
      )}
      {found && (
        <>
          <Answers
            rows={[
              [t('water.count.length'), format(found.lengthM, 'distance'), 'counted'],
              [t('water.count.next'), format(found.nextM, 'distance')],
              ...(drifts
                ? [
                    [
                      t('water.count.full'),
                      format(
                        lineATurnM(
                          onSpool.spool.fullRadiusM,
                          way === 'turns' ? reel.gearRatio.value : way === 'passes' ? turnsAPass : 1,
                        ),
                        'distance',
                      ),
                    ] as const,
                  ]
                : []),
              ...(found.factor === undefined
                ? []
                : [[t('water.count.factor'), `${number(found.factor, 3)} ×`] as const]),
            ]}
          />
          {drifts && (
            <Fields>
              <Figure
                label={t('water.count.measured')}
                measure="distance"
                value={measuredM ?? found.lengthM}
                limits={{ min: 0.5, max: 1000 }}
                onValue={setMeasured}
              />
              {measuredM !== null && (
                <p className="self-end">
                  <Press onPress={() => setMeasured(null)}>{t('water.count.forget')}</Press>
                </p>
              )}
            </Fields>
          )}
          <Note>{drifts ? t('water.count.drift') : t('water.count.straight')}</Note>
          <button
            type="button"
            className="narrow min-h-9 border border-ink bg-hi px-3 font-semibold text-on-hi"
            onClick={() => dispatch({ kind: 'own', id: main.id, change: { lineM: Math.max(0.5, found.lengthM) } })}
          >
            {t('water.count.take', { length: format(found.lengthM, 'distance') })}
          </button>
        </>
      )}
    </>
  );
}

function tryCount<T>(compute: () => T): readonly [T | null, InputRangeError | null] {
  try {
    return [compute(), null];
  } catch (error) {
    if (error instanceof InputRangeError) return [null, error];
    throw error;
  }
}
