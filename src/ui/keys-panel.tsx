import { KeyCap } from './key-cap';
import { capOf } from './keys';
import { Panel } from './panel';

export interface KeysPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly closeLabel: string;
  readonly groups: readonly { readonly label: string; readonly keys: readonly string[] }[];
}

/** The `?` sheet of a view. */
export function KeysPanel({ groups, ...panel }: KeysPanelProps) {
  return (
    <Panel {...panel}>
      <dl className="grid grid-cols-1 gap-x-8 sm:grid-cols-2">
        {groups.map(({ label, keys }) => (
          <div key={label} className="flex items-baseline gap-2 border-t border-faint py-1">
            <dt className="flex w-28 shrink-0 gap-1">
              {keys.map((key) => (
                <KeyCap key={key}>{capOf(key)}</KeyCap>
              ))}
            </dt>
            <dd className="semi-narrow">{label}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}
