import type { Trend } from '@/domain/helm/figure';

const PATHS: Readonly<Record<Trend, string>> = {
  rising: 'M5,20L28,5M18,4l11,0l-2,11',
  steady: 'M4,12H30M24,6l7,6l-7,6',
  falling: 'M5,4L28,19M18,20l11,0l-2,-11',
};

/** Where a figure goes: up, along, down. */
export function TrendArrow({ trend, label }: { readonly trend: Trend; readonly label: string }) {
  return (
    <svg width="30" height="22" viewBox="0 0 34 24" role="img" aria-label={label} className="shrink-0">
      <path d={PATHS[trend]} fill="none" stroke="currentColor" strokeWidth="2.4" />
    </svg>
  );
}

/** Which way to go, at the edge of a figure that has left its window. */
export function WayArrow({ up }: { readonly up: boolean }) {
  return (
    <svg width="40" height="60" viewBox="0 0 40 60" aria-hidden="true" className="helm-way">
      <path
        d={up ? 'M4,26L20,4L36,26M20,4V56' : 'M4,34L20,56L36,34M20,4V56'}
        fill="none"
        stroke="currentColor"
        strokeWidth="6"
      />
    </svg>
  );
}
