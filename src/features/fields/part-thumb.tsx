'use client';

import { useMemo } from 'react';
import { outlineOfPart } from '@/core/show';
import type { Part } from '@/domain/parts';
import { OutlineShapes } from './outline-view';

/** A part in a list, small: people know a hook or a head by its shape. Not to scale; nothing for rods, reels and line. */
export function PartThumb({ part, className }: { readonly part: Part; readonly className: string }) {
  const outline = useMemo(() => outlineOfPart(part), [part]);
  if (!outline) return null;
  return (
    <svg
      viewBox={`0 0 ${outline.widthMm} ${outline.heightMm}`}
      className={`drawing thumb ${className}`}
      aria-hidden="true"
    >
      <OutlineShapes outline={outline} />
    </svg>
  );
}
