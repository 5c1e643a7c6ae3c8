'use client';

import { isSolved } from '@/domain/spread/line-names';
import { useMemo, useState } from 'react';
import { sideTaken } from '@/core/tackle/defaults/schools';
import {
  offPattern,
  PATTERNS,
  placesOf,
  placesOfSpread,
  portToStarboard,
  rodsAgainst,
  stretched,
  usualReach,
  type PatternAsk,
  type PatternName,
} from '@/domain/spread/patterns';
import type { SolvedSpread, SpreadQuestion } from '@/domain/spread/solve';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { useAnswer } from '@/features/fields/use-answer';
import { Fields, Figure, Note, Press, Table } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { QuestionOf } from '@/workers/protocol';
import type { SpreadInHand } from '../use-spread';
import { fileOf, numberOf } from '../words';
import { linear } from '@/ui/scale';

/** A lure this share of its distance from its place is still in the pattern. */
const TOLERANCE = 0.1;

const isBuiltIn = (value: string): value is PatternName => (PATTERNS as readonly string[]).includes(value);

/** A shape for the lines: one of the usual ones or that of a spread kept before, between a nearest and a farthest distance. */
export function PatternPanel({
  inHand,
  question,
  solved,
  onTaken,
}: {
  readonly inHand: SpreadInHand;
  readonly question: SpreadQuestion;
  readonly solved: SolvedSpread;
  readonly onTaken: () => void;
}) {
  const { t, format } = useI18n();
  const { spread, spreads } = inHand;
  const { schools } = question.house;
  const [shape, setShape] = useState<string>('v');
  const [reach, setReach] = useState(() =>
    spread.pattern ? { nearM: spread.pattern.nearM, farM: spread.pattern.farM } : usualReach(schools),
  );
  const [column, setColumn] = useState<PatternAsk['column']>(
    spread.pattern?.column ?? (sideTaken(schools, 'spread-depth') as PatternAsk['column']),
  );
  const { id: own } = spread;
  const others = useMemo(
    () => spreads.filter(({ spread: each }) => each.id !== own && each.lines.length > 1),
    [spreads, own],
  );
  const order = useMemo(
    () =>
      portToStarboard(
        solved.lines.filter(isSolved).map(({ id, tipM, chain }) => ({ id, tipX: tipM[0] + (chain[0]?.offsetM ?? 0) })),
      ).map(({ id }) => id),
    [solved],
  );
  const ask = useMemo((): PatternAsk => {
    const other = others.find(({ spread: each }) => each.id === shape)?.spread;
    const places = isBuiltIn(shape) ? placesOf(shape, order.length) : placesOfSpread(other?.lines ?? []);
    return { places, ...reach, column };
  }, [shape, order, reach, column, others]);
  const asked = useMemo(
    (): QuestionOf<'spread-pattern'> | null =>
      order.length === 0 ? null : { kind: 'spread-pattern', input: question, ask, order },
    [question, ask, order],
  );
  const { last, waiting } = useAnswer(asked, 150);
  const places = stretched(ask.places, order.length);
  const off = offPattern(solved.lines.filter(isSolved), ask, order);
  const rule = sideTaken(schools, 'side-rods') as 'equal' | 'longer-outside' | 'shorter-outside';
  const against = rodsAgainst(
    rule,
    solved.lines.filter(isSolved).flatMap(({ id, tipM }) => {
      const line = spread.lines.find((each) => each.id === id);
      const file = line && fileOf(inHand, line);
      const rod = file?.parts.find((part) => part.id === file.chain.find(({ kind }) => kind === 'rod')?.partId);
      return rod?.kind === 'rod' && line?.cableM === undefined
        ? [{ id, tipX: tipM[0], lengthM: rod.lengthM.value }]
        : [];
    }),
  );
  const name = isBuiltIn(shape)
    ? t(`spread.patterns.${shape}`)
    : (others.find(({ spread: each }) => each.id === shape)?.spread.name ?? '');
  return (
    <div data-testid="pattern" data-state={waiting ? 'waiting' : 'ready'}>
      <Fields>
        <ChoiceField
          label={t('spread.pattern.shape')}
          value={shape}
          options={[
            ...PATTERNS.map((value) => ({ value: value as string, label: t(`spread.patterns.${value}`) })),
            ...others.map(({ spread: each }) => ({
              value: each.id as string,
              label: t('spread.pattern.as', { name: each.name }),
            })),
          ]}
          onValueChange={setShape}
        />
        <Figure
          label={t('spread.pattern.near')}
          measure="distance"
          value={reach.nearM}
          limits={{ min: 1, max: reach.farM }}
          onValue={(nearM) => setReach({ ...reach, nearM })}
        />
        <Figure
          label={t('spread.pattern.far')}
          measure="distance"
          value={reach.farM}
          limits={{ min: reach.nearM, max: L.lineM.max }}
          onValue={(farM) => setReach({ ...reach, farM })}
        />
        <ChoiceField
          label={t('spread.pattern.column')}
          value={column}
          options={(['in-band', 'through-column'] as const).map((value) => ({
            value,
            label: t(`spread.column.${value}`),
          }))}
          onValueChange={setColumn}
        />
      </Fields>
      <Shape places={places} label={name} />
      <Table
        caption={t('spread.pattern.table')}
        head={[t('spread.list.number'), t('spread.pattern.wants'), t('spread.pattern.is'), t('spread.pattern.within')]}
        rows={order.map((id, i) => {
          const by = off.find((each) => each.id === id)?.byM ?? 0;
          const wantsM = ask.nearM + places[i]!.back * (ask.farM - ask.nearM);
          return [
            numberOf(spread, id),
            format(wantsM, 'distance'),
            format(wantsM + by, 'distance'),
            t(Math.abs(by) <= TOLERANCE * wantsM ? 'spread.pattern.in' : 'spread.pattern.out'),
          ];
        })}
      />
      {against.map(([inside, outside]) => (
        <p key={`${inside} ${outside}`} className="semi-narrow text-[14px]">
          {t(`spread.pattern.rods.${rule}`, { inside: numberOf(spread, inside), outside: numberOf(spread, outside) })}
        </p>
      ))}
      <Press
        onPress={() => {
          if (!last || waiting) return;
          inHand.change({ lines: [...last.answer], pattern: { name, places: [...places], ...reach, column } });
          onTaken();
        }}
      >
        {t('spread.pattern.take')}
      </Press>
      <Note>{t('spread.pattern.note')}</Note>
    </div>
  );
}

/** The shape from above: places from port to starboard, near to far. */
function Shape({
  places,
  label,
}: {
  readonly places: readonly { readonly back: number; readonly deep: number }[];
  readonly label: string;
}) {
  const y = linear([0, places.length - 1], [12, 78]);
  return (
    <svg viewBox="0 0 300 90" className="column my-2 block h-24 w-full max-w-md" role="img" aria-label={label}>
      <path d="M4,45L22,36H40V54H22z" className="pen-hull" />
      {places.map(({ back, deep }, i) => (
        <g key={i}>
          <path d={`M40,45L${80 + 200 * back},${90 - y(i)}`} className="pen-towed" />
          <circle cx={80 + 200 * back} cy={90 - y(i)} r={3 + 3 * deep} className="pen-ball" />
        </g>
      ))}
    </svg>
  );
}
