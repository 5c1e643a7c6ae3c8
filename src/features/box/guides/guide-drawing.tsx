import type { ReactNode } from 'react';
import type { Guide } from '@/domain/guides';

const pen = {
  fill: 'none',
  stroke: 'currentColor',
  strokeWidth: 1.6,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;
const thin = { ...pen, strokeWidth: 0.8 } as const;

/** Arrow from one point to another, as a dimension. */
const Dim = ({ x, from, to }: { readonly x: number; readonly from: number; readonly to: number }) => (
  <path
    d={`M${x},${from}V${to}M${x - 2.5},${from + 5}L${x},${from}L${x + 2.5},${from + 5}M${x - 2.5},${to - 5}L${x},${to}L${x + 2.5},${to - 5}`}
    {...thin}
  />
);
const Letter = ({ x, y, children }: { readonly x: number; readonly y: number; readonly children: string }) => (
  <text x={x} y={y} className="fill-dim text-[10px]">
    {children}
  </text>
);

const DRAWINGS: Readonly<Record<Guide, ReactNode>> = {
  weigh: (
    <>
      <path d="M40,86H160M52,86V76H148V86M60,70H140L134,76H66Z" {...pen} />
      <path d="M84,70q-2,-12 6,-14M94,70q0,-14 8,-12M104,70q2,-16 10,-12M112,70q4,-8 8,-8" {...thin} />
      <path d="M84,79h32v5H84z" {...thin} />
      <Letter x={92} y={48}>
        n
      </Letter>
    </>
  ),
  'hang-test': (
    <>
      <path d="M14,30h22v12H14zM18,42v12M32,42v12" {...pen} />
      <path d="M20,36C90,36 140,40 172,84" {...pen} />
      <path d="M20,36H182" {...thin} strokeDasharray="4 3" />
      <path d="M172,84v8M166,92h12l3,14h-18z" {...pen} />
      <Dim x={186} from={36} to={84} />
      <path d="M158,66l24,30" {...thin} />
      <Letter x={190} y={64}>
        d
      </Letter>
      <Letter x={184} y={104}>
        m
      </Letter>
    </>
  ),
  'sink-test': (
    <>
      <path d="M60,14V108H150V14" {...pen} />
      <path d="M60,22q8,-4 15,0t15,0t15,0t15,0t15,0t15,0" {...thin} />
      <path d="M96,46c6,-8 18,-8 20,0l8,-5v10l-8,-5c-2,8 -14,8 -20,0z" {...pen} />
      <path d="M106,62v26m-4,-6l4,6l4,-6" {...thin} />
      <Dim x={48} from={22} to={108} />
      <Letter x={36} y={68}>
        z
      </Letter>
      <circle cx="174" cy="40" r="14" {...pen} />
      <path d="M174,40V31M174,22v-5M170,17h8" {...pen} />
    </>
  ),
  'float-test': (
    <>
      <path d="M60,14V108H150V14" {...pen} />
      <path d="M60,30q8,-4 15,0t15,0t15,0t15,0t15,0t15,0" {...thin} />
      <path d="M88,40c8,-10 26,-10 30,0l10,-6v12l-10,-6c-4,10 -22,10 -30,0z" {...pen} />
      <path d="M102,48v22M98,70h8v8h-8zM102,78v6" {...pen} />
      <Letter x={114} y={76}>
        + a
      </Letter>
    </>
  ),
  calliper: (
    <>
      <path d="M30,34H176M30,34V84l12,-10V46H96V74l12,10V34" {...pen} />
      <path d="M60,34v-6M72,34v-8M84,34v-6M120,34v-6M132,34v-8M144,34v-6" {...thin} />
      <path d="M42,60H96" {...pen} strokeWidth={3} />
      <Letter x={64} y={56}>
        d
      </Letter>
    </>
  ),
  'pull-test': (
    <>
      <path d="M20,60h24M44,52h44v16H44zM88,60h14" {...pen} />
      <path d="M52,60h26M58,56v8M66,56v8M74,56v8" {...thin} />
      <path d="M102,60H132q6,-8 12,0t12,0H190" {...pen} />
      <path d="M14,60m-6,-8l-4,8l4,8" {...thin} />
      <Letter x={62} y={46}>
        F
      </Letter>
    </>
  ),
  'line-test': (
    <>
      <path d="M20,40V80M20,60H176M146,52v16M168,52v16" {...pen} />
      <path d="M176,60h14m-5,-4l5,4l-5,4" {...pen} />
      <path d="M146,84H168M146,81v6M168,81v6" {...thin} />
      <path d="M20,30H146M20,26v8M146,26v8" {...thin} />
      <Letter x={78} y={24}>
        L
      </Letter>
      <Letter x={152} y={98}>
        s
      </Letter>
    </>
  ),
  'clutch-test': (
    <>
      <circle cx="66" cy="62" r="30" {...pen} />
      <circle cx="66" cy="62" r="14" {...thin} />
      <path d="M66,32H190M184,28l6,4l-6,4" {...pen} />
      <path d="M66,62L84,44M60,96l6,-4l6,4" {...thin} />
      <Letter x={150} y={26}>
        F
      </Letter>
    </>
  ),
  'spool-fill': (
    <>
      <path d="M40,24H160M40,98H160M40,24V98M160,24V98" {...pen} />
      <path d="M40,44H160M40,78H160M40,34H160M40,88H160" {...thin} />
      <path d="M40,52H160M40,70H160" {...pen} />
      <Dim x={172} from={24} to={98} />
      <Letter x={178} y={64}>
        D
      </Letter>
    </>
  ),
  'dive-test': (
    <>
      <path d="M10,26H200M12,26l6,-10h22l8,10" {...pen} />
      <path d="M26,18L52,8" {...pen} />
      <path d="M52,8C90,46 120,66 158,78" {...thin} />
      <path d="M158,78c6,-6 18,-6 22,0c-4,6 -16,6 -22,0zM158,80l-5,6" {...pen} />
      <path d="M90,96q20,-6 50,-8t62,2" {...pen} />
      <Dim x={192} from={26} to={86} />
      <Letter x={178} y={58}>
        z
      </Letter>
    </>
  ),
  'window-test': (
    <>
      <path d="M20,30C60,44 120,46 182,28L172,14H30Z" {...pen} />
      <path d="M14,30H190" {...thin} />
      <path d="M60,40L104,84" {...thin} />
      <path d="M104,84c6,-6 16,-6 20,0l8,-4v8l-8,-4c-4,6 -14,6 -20,0z" {...pen} />
      <path d="M150,84h30m-6,-4l6,4l-6,4" {...thin} />
    </>
  ),
  'accuracy-test': (
    <>
      <path d="M16,104C20,78 30,54 56,38" {...pen} />
      <path d="M56,38C92,14 128,20 152,62" {...thin} />
      <path d="M132,84a22,9 0 1 0 44,0a22,9 0 1 0 -44,0M146,84a8,3.4 0 1 0 16,0a8,3.4 0 1 0 -16,0" {...pen} />
      <path d="M120,92l5,5m0,-5l-5,5M170,70l5,5m0,-5l-5,5M156,92l5,5m0,-5l-5,5" {...pen} />
      <path d="M154,84L122,94" {...thin} />
    </>
  ),
  'set-test': (
    <>
      <path d="M20,104C24,70 34,40 64,24" {...pen} />
      <path d="M64,24H168" {...thin} />
      <path d="M168,18h16v12h-16zM188,8V108" {...pen} />
      <path d="M30,104A60,60 0 0 0 20,72" {...thin} />
      <Letter x={172} y={44}>
        F
      </Letter>
    </>
  ),
};

/** What to do, drawn: our own hand, one figure a guide. */
export function GuideDrawing({ guide, label }: { readonly guide: Guide; readonly label: string }) {
  return (
    <svg viewBox="0 0 204 116" role="img" aria-label={label} className="h-auto w-full max-w-[260px]">
      {DRAWINGS[guide]}
    </svg>
  );
}
