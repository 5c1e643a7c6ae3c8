'use client';

import { Slider as Radix } from 'radix-ui';

export interface SliderProps {
  /** what it moves */
  readonly label: string;
  /** the value as it is said aloud, with its unit */
  readonly text: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly onValue: (value: number) => void;
  /** once the hand lets go, or after each key */
  readonly onSettled?: (value: number) => void;
  /** a line with a knob, or a bar over a drawing that is the track */
  readonly over?: 'line' | 'drawing';
  readonly className: string;
}

/** A value between two ends, by pointer, finger or keys: arrows a step, Page Up and Page Down ten, Home and End to the ends. */
export function RadixSlider({
  label,
  text,
  value,
  min,
  max,
  step,
  onValue,
  onSettled,
  over = 'line',
  className,
}: SliderProps) {
  return (
    <Radix.Root
      value={[Math.min(max, Math.max(min, value))]}
      min={min}
      max={max}
      step={step}
      onValueChange={([next]) => onValue(next!)}
      {...(onSettled && { onValueCommit: ([next]) => onSettled(next!) })}
      className={`relative flex touch-none items-center select-none ${className}`}
    >
      <Radix.Track className={over === 'line' ? 'relative h-px w-full bg-ink' : 'relative h-full w-full'} />
      <Radix.Thumb
        aria-label={label}
        aria-valuetext={text}
        className={`block cursor-ew-resize border-ink bg-hi ${
          over === 'line' ? 'h-5 w-2.5 border' : 'h-10 w-3.5 border-[1.5px]'
        }`}
      />
    </Radix.Root>
  );
}
