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
        // Right and up make more of it, whichever way the picture runs.
        const sign = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
        if (sign === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        put(value + sign * step * (event.shiftKey ? 10 : 1));
      }}
    >
      <circle cx={x} cy={y} r={14} className="grab" />
      <circle cx={x} cy={y} r={6} className="knob" />
    </g>
  );
}
