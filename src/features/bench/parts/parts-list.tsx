'use client';

import type { Classes } from '@/core/tackle/defaults/classes';
import type { LineMaterial } from '@/core/tackle/defaults/line-materials';
import { HEAD } from '@/domain/chain-rules';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { jointText } from '@/i18n/setup-text';
import { useLoaded } from '@/ui/use-loaded';
import { JointRow } from './joint-row';

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
  const joint = chain.find(({ id }) => id === selected)!;
  const at = chain.indexOf(joint);
  const isLoose = at >= HEAD.length;
  const name = jointText(i18n, joint, [props.partOf(joint)]);
  const drag = useLoaded(draggedRows);
  const RowKind = drag?.DraggedRow ?? JointRow;
  const rows = (
    <ol className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
      {chain.map((each, i) => (
        <RowKind
          key={each.id}
          joint={each}
          index={i}
          part={props.partOf(each)}
          tiedIn={props.tiedIn.get(each.id)}
          classes={props.classes}
          isOneLine={chain.length >= ONE_LINE_FROM}
          isSelected={each.id === selected}
          isTried={each.id === selected && props.tried}
          onSelect={onSelect}
        />
      ))}
    </ol>
  );
  return (
    <section
      aria-label={t('joint.list')}
      data-tour="joints"
      className="flex min-h-0 flex-col border border-ink bg-sheet lg:max-h-[46%] print:max-h-none"
    >
      {drag ? (
        <drag.DraggedOrder ids={chain.map(({ id }) => id)} onMove={onMove}>
          {rows}
        </drag.DraggedOrder>
      ) : (
        rows
      )}
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

// What makes the rows drag is fetched when the page stands.
const draggedRows = () => import('./dragged-rows');
