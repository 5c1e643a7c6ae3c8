'use client';

import { create } from 'qrcode';

/** An address as a square code for a camera. */
export function QrCode({ text }: { readonly text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
  return (
    <svg
      viewBox={`-2 -2 ${modules.size + 4} ${modules.size + 4}`}
      width="150"
      height="150"
      shapeRendering="crispEdges"
      role="img"
      aria-label={text}
    >
      <rect x={-2} y={-2} width={modules.size + 4} height={modules.size + 4} className="fill-light" />
      <path
        d={dark.map((i) => `M${i % modules.size},${Math.floor(i / modules.size)}h1v1h-1z`).join('')}
        className="fill-dark"
      />
    </svg>
  );
}
