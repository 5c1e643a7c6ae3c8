'use client';

import { useRef } from 'react';

export interface HandleProps {
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly value: number;
  readonly text: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** change of the value for one pixel along the axis */
  readonly perPx: number;
  readonly axis: 'x' | 'y';
  readonly onValue: (value: number) => void;
}

/** A place of the picture that is taken hold of, with pointer, finger or keys. */
export function Handle({ label, x, y, value, text, min, max, step, perPx, axis, onValue }: HandleProps) {
  const held = useRef<{ readonly at: number; readonly value: number } | null>(null);
  const put = (next: number) => onValue(Math.min(max, Math.max(min, next)));
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={value}
      aria-valuetext={text}
      aria-orientation={axis === 'x' ? 'horizontal' : 'vertical'}
      className="handle"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { at: axis === 'x' ? event.clientX : event.clientY, value };
      }}
      onPointerMove={(event) => {
        if (held.current)
          put(held.current.value + ((axis === 'x' ? event.clientX : event.clientY) - held.current.at) * perPx);
      }}
      onPointerUp={() => {
        held.current = null;
      }}
      onPointerCancel={() => {
        held.current = null;
      }}
      onKeyDown={(event) => {
        const next = valueByKey(event, { value, min, max, step });
        if (next === null) return;
        event.preventDefault();
        event.stopPropagation();
        put(next);
      }}
    >
      <circle cx={x} cy={y} r={14} className="grab" />
      <circle cx={x} cy={y} r={6} className="knob" />
    </g>
  );
}

/** Where a key moves a value: right and up make more of it, whichever way the picture runs. Null: it is not for the handle. */
export function valueByKey(
  { key, shiftKey }: Pick<KeyboardEvent, 'key' | 'shiftKey'>,
  { value, min, max, step }: Pick<HandleProps, 'value' | 'min' | 'max' | 'step'>,
): number | null {
  if (key === 'Home') return min;
  if (key === 'End') return max;
  const steps = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -10, PageUp: 10 }[key];
  return steps === undefined ? null : value + steps * step * (shiftKey ? 10 : 1);
}
