import type { RefObject } from 'react';
import { useI18n } from '@/i18n/client';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys } from '@/ui/keys';
import { Link } from '@/ui/link';
import { BENCH_COMMANDS, type BenchCommandName } from './commands';

export interface BenchFootProps {
  readonly onCommand: (command: BenchCommandName) => void;
  readonly fileUrl: string;
  readonly downloadRef: RefObject<HTMLAnchorElement | null>;
  /** what there is to say of the last command */
  readonly said: string;
}

/** The commands with their keys along the foot, the file, the way back, and what the last command did. */
export function BenchFoot({ onCommand, fileUrl, downloadRef, said }: BenchFootProps) {
  const { t } = useI18n();
  const groups = groupKeys(BENCH_COMMANDS, true).map((group) => ({ ...group, label: t(`key.${group.label}`) }));
  return (
    <footer
      data-tour="keys"
      className="narrow print:hidden flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim"
    >
      <KeyFoot groups={groups} onAction={onCommand} />
      <a ref={downloadRef} href={fileUrl} download="setup.json" className="hover:text-ink">
        {t('key.download')}
      </a>
      <Link href="/bench" className="hover:text-ink">
        {t('key.setups')}
      </Link>
      <span role="status" className="ml-auto text-ink">
        {said}
      </span>
    </footer>
  );
}
