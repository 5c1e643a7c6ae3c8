'use client';

import { useId, useMemo, useState } from 'react';
import type { Part, PartKind } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { foundAs } from '@/i18n/find-part';
import { fieldLabel } from '@/i18n/field-text';
import { partDetail, partTitle } from '@/i18n/part-text';
import { LineReading } from './line-reading';
import { PartThumb } from './part-thumb';
import { useLine } from './use-line';

export interface PartLineProps {
  readonly label: string;
  readonly chosen: Part | null;
  /** the chosen part was made here and is not in the Box yet */
  readonly isNew: boolean;
  /** parts of the Box that would do */
  readonly parts: readonly Part[];
  /** what a typed line can be read as; empty: only the Box */
  readonly kinds: readonly PartKind[];
  readonly usual?: Readonly<Record<string, unknown>> | undefined;
  /** shown while nothing is typed */
  readonly example?: string;
  /** a field that it must have, which a mass on the line fills */
  readonly needs?: string | undefined;
  readonly onChoose: (part: Part) => void;
  readonly onMake: (part: Part) => void;
  readonly onClear: () => void;
}

/** As many parts of the Box as a list shows at once. */
const SHOWN = 7;

/**
 * One place of a rig: what the packet says is typed, parts of the Box that answer to it are listed, and what is not there
 * yet is made from the line.
 */
export function PartLine(props: PartLineProps) {
  const { label, example, chosen, isNew, parts, kinds, usual, needs, onChoose, onMake, onClear } = props;
  const i18n = useI18n();
  const { t } = i18n;
  const id = useId();
  const known = useMemo(() => ({ kinds, usual, massIs: needs }), [kinds, usual, needs]);
  const { line, read, isAsked, write, choose, take } = useLine(known);
  const [isOpen, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const found = useMemo(() => ranked(parts, (part) => foundAs(i18n, part, line)).slice(0, SHOWN), [parts, i18n, line]);
  const lacks = needs !== undefined && read.part !== null && !(needs in read.part);
  const canMake = kinds.length > 0 && read.part !== null && !lacks;
  const options = found.length + (canMake ? 1 : 0);
  const on = Math.min(at, Math.max(0, options - 1));
  if (chosen)
    return (
      <div className="min-w-0">
        <span className="narrow block text-[12px] text-dim">{label}</span>
        <span className="flex items-baseline gap-3 border-b border-faint text-[15px]">
          <span className="min-w-0 flex-1">
            {partTitle(i18n, chosen)}{' '}
            <span className="semi-narrow text-[13px] text-dim">{partDetail(i18n, chosen, null)}</span>
            {isNew && <span className="narrow ml-2 border border-faint px-1 text-[12px]">{t('reading.isNew')}</span>}
          </span>
          <button
            type="button"
            onClick={onClear}
            aria-label={`${label}: ${t('reading.changeIt')}`}
            className="narrow min-h-8 text-[13px] underline underline-offset-2"
          >
            {t('reading.changeIt')}
          </button>
        </span>
      </div>
    );
  const close = () => {
    setOpen(false);
    write('');
    setAt(0);
  };
  const makeIt = () => {
    setOpen(false);
    take((made) => {
      onMake(made);
      close();
    });
  };
  const takeOn = () => {
    const part = isAsked ? undefined : found[on];
    if (part) {
      onChoose(part);
      close();
    } else if (canMake) makeIt();
  };
  return (
    <div
      className="relative min-w-0"
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setOpen(false)}
    >
      <label htmlFor={id} className="narrow block text-[12px] text-dim">
        {label}
      </label>
      <input
        id={id}
        role="combobox"
        aria-expanded={isOpen && options > 0}
        aria-controls={`${id}-list`}
        aria-activedescendant={isOpen && options > 0 ? `${id}-${on}` : undefined}
        aria-autocomplete="list"
        autoComplete="off"
        value={line}
        maxLength={200}
        placeholder={example ?? t('reading.typeIt')}
        onFocus={() => setOpen(true)}
        onClick={() => setOpen(true)}
        onChange={({ target }) => {
          write(target.value);
          setOpen(true);
          setAt(0);
        }}
        onKeyDown={(event) => {
          switch (event.key) {
            case 'ArrowDown':
            case 'ArrowUp':
              event.preventDefault();
              setOpen(true);
              setAt(options === 0 ? 0 : (on + (event.key === 'ArrowDown' ? 1 : options - 1)) % options);
              break;
            case 'Enter':
              event.preventDefault();
              if (isOpen || isAsked) takeOn();
              break;
            case 'Escape':
              if (isOpen) event.stopPropagation();
              setOpen(false);
              break;
            default:
          }
        }}
        className="min-h-8 w-full min-w-0 border-b border-faint bg-transparent text-[15px] placeholder:text-dim"
      />
      {isOpen && options > 0 && (
        <ul
          id={`${id}-list`}
          role="listbox"
          aria-label={label}
          className="absolute inset-x-0 top-full z-20 max-h-80 overflow-y-auto border border-ink bg-sheet"
        >
          {found.map((part, i) => (
            <Option key={part.id} id={`${id}-${i}`} isOn={i === on} onTake={() => (onChoose(part), close())}>
              <PartThumb part={part} className="h-6 w-12 shrink-0" />
              <span className="min-w-0">
                {partTitle(i18n, part)}{' '}
                <span className={i === on ? '' : 'text-dim'}>{partDetail(i18n, part, null)}</span>
              </span>
            </Option>
          ))}
          {canMake && (
            <Option id={`${id}-${found.length}`} isOn={on === found.length} onTake={makeIt}>
              <PartThumb part={read.part!} className="h-6 w-12 shrink-0" />
              <span className="min-w-0">
                <span className="font-semibold">{t('reading.make')}:</span> {partTitle(i18n, read.part!)}{' '}
                <span className={on === found.length ? '' : 'text-dim'}>{partDetail(i18n, read.part!, null)}</span>
              </span>
            </Option>
          )}
        </ul>
      )}
      {line.trim() !== '' && kinds.length > 0 && (on === found.length || isAsked || !canMake) && (
        <div role="status" className="semi-narrow pt-0.5 text-[13px]">
          <LineReading read={read} isEmpty={false} isAsked={isAsked} onChoose={choose} />
          {lacks && <p>{t('reading.needs', { field: fieldLabel(i18n, read.part!.kind, needs) })}</p>}
          {isAsked && read.guesses.length > 0 && (
            <button
              type="button"
              onClick={makeIt}
              className="narrow mt-1 min-h-8 border border-ink bg-hi px-3 font-semibold text-on-hi"
            >
              {t('reading.takeGuesses')}
            </button>
          )}
        </div>
      )}
    </div>
  );
}

/** What answers to a search, the best first. */
const ranked = (parts: readonly Part[], rank: (part: Part) => number): readonly Part[] =>
  [2, 1].flatMap((each) => parts.filter((part) => rank(part) === each));

interface OptionProps {
  readonly id: string;
  readonly isOn: boolean;
  readonly onTake: () => void;
  readonly children: React.ReactNode;
}

function Option({ id, isOn, onTake, children }: OptionProps) {
  return (
    <li
      id={id}
      role="option"
      aria-selected={isOn}
      onPointerDown={(event) => {
        // The list stays while its option is taken.
        event.preventDefault();
        onTake();
      }}
      className={`semi-narrow flex min-h-9 cursor-pointer items-center gap-2 border-t border-faint px-2 py-1 text-[14px] first:border-0 lg:min-h-7 ${isOn ? 'bg-hi text-on-hi' : ''}`}
    >
      {children}
    </li>
  );
}
