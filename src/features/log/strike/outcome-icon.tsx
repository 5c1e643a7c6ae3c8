import type { Known } from '@/domain/log/told';

const HOOK = 'M14,3V15a5,5 0 0 1 -10,0V12l3,3';
const DRAWN: Readonly<Record<Known['outcome'], string>> = {
  followed: 'M2,12Q10,4 22,10L28,6V16L22,12Q10,18 2,12M9,10h.5',
  nipped: `${HOOK}M18,6l4,4M22,6l-4,4`,
  short: `${HOOK}M18,14h10`,
  missed: `${HOOK}M20,6l6,6M26,6l-6,6`,
  hooked: `${HOOK}M14,3a2,2 0 1 1 .1,0`,
  lost: `${HOOK}M18,3l5,4M19,12l6,-2M17,16l6,4`,
  landed: 'M2,11Q12,2 24,10L30,5V18L24,13Q12,20 2,11M9,9h.5',
};

/** A hook, and what came of it. */
export function OutcomeIcon({ outcome }: { readonly outcome: Known['outcome'] }) {
  return (
    <svg viewBox="0 0 32 22" width="32" height="22" className="mx-auto mb-0.5 block" aria-hidden="true">
      <path
        d={DRAWN[outcome]}
        fill={outcome === 'landed' ? 'currentColor' : 'none'}
        stroke="currentColor"
        strokeWidth="1.8"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
