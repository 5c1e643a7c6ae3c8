'use client';

import type { SliderProps } from './radix-slider';
import { useLoaded } from './use-loaded';

type Props = Omit<SliderProps, 'className'> & { readonly className?: string };

/** A value between two ends; what moves it comes once the page is alive, since no page is read by its sliders. */
export function Slider({ className = 'min-h-8 w-full', ...props }: Props) {
  const loaded = useLoaded(loadSlider);
  return loaded ? <loaded.RadixSlider className={className} {...props} /> : <div className={className} />;
}

const loadSlider = () => import('./radix-slider');
