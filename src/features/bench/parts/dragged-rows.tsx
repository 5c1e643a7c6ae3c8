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
import type { ReactNode } from 'react';
import { HEAD } from '@/domain/chain-rules';
import { JointRow, type JointRowProps } from './joint-row';

/** The rows of the parts list, to be dragged into another order by pointer or keys. */
export function DraggedOrder({
  ids,
  onMove,
  children,
}: {
  readonly ids: readonly string[];
  readonly onMove: (id: string, to: number) => void;
  readonly children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    const to = ids.indexOf(String(over?.id));
    if (over && to >= 0) onMove(String(active.id), to);
  };
  return (
    <DndContext id="joints" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

export function DraggedRow(props: JointRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: props.joint.id,
    disabled: props.index < HEAD.length,
  });
  const style = { transform: CSS.Translate.toString(transform), transition };
  return (
    <JointRow
      {...props}
      drag={{ ref: setNodeRef, style, isDragged: isDragging, grip: { ...attributes, ...listeners } }}
    />
  );
}
