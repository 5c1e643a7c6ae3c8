import type { MovedEvent } from './words';

/** The boat and its probe, with an arrow at what moved: the boat, the probe, or the water. */
export function ProbeSketch({ outcome }: { readonly outcome: MovedEvent['outcome'] | null }) {
  return (
    <svg width="62" height="84" viewBox="0 0 62 84" aria-hidden="true" className="column shrink-0">
      <path d="M4,14H58" stroke="var(--ink)" fill="none" />
      <path d="M12,8H34L40,14H12z" fill="var(--bait)" stroke="var(--ink)" strokeWidth="1.3" />
      <path d="M14,14L16,60" stroke="var(--ink)" strokeWidth="1.2" fill="none" />
      <circle cx="16" cy="64" r="6" className="helm-knob" />
      <g fill="none" stroke="var(--ink)" strokeWidth="2.2">
        {outcome === 'boat' && <path d="M44,6H58M52,1l6,5l-6,5" />}
        {outcome === 'course' && <path d="M44,6q12,0 12,10M52,12l4,5l5,-4" />}
        {outcome === 'sensor' && <path d="M30,56V74M25,61l5,-5l5,5M25,69l5,5l5,-5" />}
        {outcome === 'water' && <path d="M58,64H30M38,58l-8,6l8,6M58,44H42M47,39l-5,5l5,5" />}
      </g>
      {outcome === 'cant-tell' && (
        <text x="34" y="70" fontSize="20" fontWeight="700">
          ?
        </text>
      )}
    </svg>
  );
}
