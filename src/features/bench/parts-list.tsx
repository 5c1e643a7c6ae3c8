'use client';

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useEffect, useRef } from 'react';
import type { Classes } from '@/core/tackle/defaults/classes';
import type { LineMaterial } from '@/core/tackle/defaults/line-materials';
import { HEAD } from '@/domain/chain-rules';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import { UNDERLINE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { leastKnown, partDetail, partTitle } from '@/i18n/part-text';
import { jointText } from '@/i18n/setup-text';
import { keepInView } from '@/ui/keep-in-view';

export interface PartsListProps {
  readonly chain: readonly Joint[];
  readonly partOf: (joint: Joint) => Part;
  /** the material that a knot is tied in, by its joint */
  readonly tiedIn: ReadonlyMap<string, LineMaterial>;
  readonly classes: Pick<Classes, 'knots'>;
  readonly selected: string;
  readonly tried: boolean;
  readonly onSelect: (jointId: string) => void;
  readonly onMove: (jointId: string, to: number) => void;
  readonly onRemove: (jointId: string) => void;
  readonly onAdd: () => void;
}

/** From so many joints on each takes one line, so that a long rig still stands in view. */
const ONE_LINE_FROM = 8;

/** The rig joint by joint, numbered as the balloons; behind the first three each can be dragged, added to and taken out. */
export function PartsList(props: PartsListProps) {
  const { chain, selected, onSelect, onMove, onRemove, onAdd } = props;
  const i18n = useI18n();
  const { t } = i18n;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const joint = chain.find(({ id }) => id === selected)!;
  const at = chain.indexOf(joint);
  const isLoose = at >= HEAD.length;
  const name = jointText(i18n, joint, [props.partOf(joint)]);
  const drop = ({ active, over }: DragEndEvent) => {
    const to = chain.findIndex(({ id }) => id === over?.id);
    if (over && to >= 0) onMove(String(active.id), to);
  };
  return (
    <section
      aria-label={t('joint.list')}
      className="flex min-h-0 flex-col border border-ink bg-sheet lg:max-h-[46%] print:max-h-none"
    >
      <DndContext id="joints" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={chain.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
            {chain.map((each, i) => (
              <Row
                key={each.id}
                {...props}
                joint={each}
                index={i}
                isOneLine={chain.length >= ONE_LINE_FROM}
                onSelect={onSelect}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="narrow flex items-center gap-1 border-t border-faint px-1 text-[12.5px] print:hidden">
        <button
          type="button"
          onClick={onAdd}
          className="min-h-7 flex-1 px-1 text-left hover:underline"
          title={t('joint.add', { joint: name })}
        >
          + {t('joint.addShort')}
        </button>
        {isLoose && (
          <>
            <Small label={t('joint.moveUp', { joint: name })} onPress={() => onMove(selected, at - 1)}>
              ↑
            </Small>
            <Small label={t('joint.moveDown', { joint: name })} onPress={() => onMove(selected, at + 1)}>
              ↓
            </Small>
            <Small label={t('joint.remove', { joint: name })} onPress={() => onRemove(selected)}>
              ×
            </Small>
          </>
        )}
      </div>
    </section>
  );
}

function Small({
  label,
  onPress,
  children,
}: {
  readonly label: string;
  readonly onPress: () => void;
  readonly children: string;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onPress}
      className="min-h-7 min-w-8 border-l border-faint hover:bg-paper"
    >
      {children}
    </button>
  );
}

interface RowProps extends PartsListProps {
  readonly joint: Joint;
  readonly index: number;
  readonly isOneLine: boolean;
}

function Row({ joint, index, isOneLine, partOf, tiedIn, classes, selected, tried, onSelect }: RowProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const isHead = index < HEAD.length;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: joint.id,
    disabled: isHead,
  });
  const row = useRef<HTMLLIElement>(null);
  const part = partOf(joint);
  const isSelected = joint.id === selected;
  const known = leastKnown(part);
  useEffect(() => {
    if (isSelected && row.current) keepInView(row.current);
  }, [isSelected]);
  return (
    <li
      ref={(element) => {
        row.current = element;
        setNodeRef(element);
      }}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-state={isDragging ? 'dragged' : 'still'}
      className="relative flex border-b border-faint bg-sheet last:border-0 data-[state=dragged]:z-10 data-[state=dragged]:border data-[state=dragged]:border-ink"
    >
      <button
        type="button"
        aria-current={isSelected ? 'true' : undefined}
        aria-label={`${index + 1} ${jointText(i18n, joint, [part])}: ${partTitle(i18n, part)}`}
        onClick={() => onSelect(joint.id)}
        className={`grid min-h-9 min-w-0 flex-1 grid-cols-[20px_minmax(0,1fr)_auto] content-center items-baseline gap-x-1 px-2 text-left lg:min-h-0 ${isOneLine ? 'py-[1px]' : 'py-[2px]'} ${isSelected ? 'bg-hi text-on-hi' : ''}`}
      >
        <span className="text-[12px] font-semibold">{index + 1}</span>
        {isOneLine ? (
          <span className={`semi-narrow truncate text-[13px] leading-[1.3] ${isSelected && tried ? 'italic' : ''}`}>
            {partTitle(i18n, part)}{' '}
            <span className={`narrow text-[12px] ${isSelected ? '' : 'text-dim'}`}>
              {partDetail(i18n, part, joint, tiedIn.get(joint.id), classes)}
            </span>
          </span>
        ) : (
          <span className="min-w-0">
            <span
              className={`semi-narrow block truncate text-[13.5px] leading-[1.2] ${isSelected && tried ? 'italic' : ''}`}
            >
              {partTitle(i18n, part)}
            </span>
            <span className={`narrow block truncate text-[12px] leading-[1.2] ${isSelected ? '' : 'text-dim'}`}>
              {partDetail(i18n, part, joint, tiedIn.get(joint.id), classes)}
            </span>
          </span>
        )}
        <span
          className={`narrow border-b border-current text-[11px] leading-[1.25] ${UNDERLINE[known]} ${isSelected ? '' : 'text-dim'}`}
        >
          {t(`provenance.${known}`)}
        </span>
      </button>
      {!isHead && (
        <button
          type="button"
          {...attributes}
          {...listeners}
          aria-label={t('joint.drag', { joint: jointText(i18n, joint, [part]) })}
          className="w-5 shrink-0 cursor-grab touch-none text-[11px] text-dim print:hidden"
        >
          ⋮⋮
        </button>
      )}
    </li>
  );
}
