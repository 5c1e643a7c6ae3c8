'use client';

import type { ReactNode } from 'react';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { QuantityField } from './quantity-field';

/** A figure that may not be empty. */
export function Figure({
  label,
  measure,
  value,
  limits,
  onValue,
}: {
  readonly label: string;
  readonly measure: Measure;
  readonly value: number;
  readonly limits: Limits;
  readonly onValue: (value: number) => void;
}) {
  return (
    <QuantityField
      label={label}
      measure={measure}
      value={value}
      limits={limits}
      onValueChange={(next) => next !== null && onValue(next)}
    />
  );
}

/** Answers with their names. */
export function Answers({
  rows,
}: {
  readonly rows: readonly (readonly [label: string, value: ReactNode, testId?: string])[];
}) {
  return (
    <dl className="my-2 grid grid-cols-[minmax(6rem,1fr)_auto] border-t border-ink text-[15px]">
      {rows.map(([label, value, testId]) => (
        <div key={label} className="contents">
          <dt className="semi-narrow border-b border-faint py-0.5 pr-4">{label}</dt>
          <dd data-testid={testId} className="border-b border-faint py-0.5 text-right">
            {value}
          </dd>
        </div>
      ))}
    </dl>
  );
}

export const Note = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow my-1 max-w-[70ch] text-[13px] text-dim">{children}</p>
);
export const Caution = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow my-1 max-w-[70ch] border-l-2 border-ink pl-2 text-[13px]">{children}</p>
);

export const Fields = ({ children }: { readonly children: ReactNode }) => (
  <div className="grid grid-cols-2 gap-x-5 gap-y-1 sm:grid-cols-3">{children}</div>
);

/** A table in the manner of the drawing: rules, no boxes. */
export function Table({
  caption,
  head,
  rows,
}: {
  readonly caption: string;
  readonly head: readonly ReactNode[];
  readonly rows: readonly (readonly ReactNode[])[];
}) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={caption}>
      <table className="narrow my-2 w-full border-collapse text-[14px]">
        <caption className="narrow text-left text-[13px] font-semibold">{caption}</caption>
        <thead>
          <tr className="border-y border-ink text-[12.5px]">
            {head.map((cell, i) =>
              // Over a column of buttons stands nothing.
              cell === '' ? (
                <td key={i} />
              ) : (
                <th key={i} className={`px-1.5 py-1 font-normal ${i === 0 ? 'text-left' : 'text-right'}`}>
                  {cell}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {rows.map((cells, i) => (
            <tr key={i} className="border-b border-faint">
              {cells.map((cell, k) =>
                k === 0 ? (
                  <th key={k} className="px-1.5 py-0.5 text-left font-normal">
                    {cell}
                  </th>
                ) : (
                  <td key={k} className="px-1.5 py-0.5 text-right">
                    {cell}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

export const Press = ({ children, onPress }: { readonly children: ReactNode; readonly onPress: () => void }) => (
  <button type="button" onClick={onPress} className="narrow min-h-9 border border-ink px-3 text-[14px]">
    {children}
  </button>
);
