import { writeFileSync } from 'node:fs';
import { drawDetail, drawSheet } from '@/core/drawing';
import { evaluate } from '@/core/evaluate';
import { readRig } from '@/core/rigging';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/start-setup';
import { demoFiles } from './helpers/demo';
const css = `.s{fill:none;stroke:#222;stroke-width:.25}`;
const fill: Record<string, string> = { bait: '#d9dccb', metal: '#8f958f', blank: '#222', knot: '#222', glass: 'rgba(180,190,190,.4)', frame: 'none' };
function svg(d: any, y: number, name: string) {
  const body = d.primitives.map((p: any) => {
    const f = fill[p.pen] ?? 'none';
    if (p.kind === 'path') return `<path d="M${p.points.map((q: any) => q.map((v: number) => v.toFixed(2)).join(',')).join('L')}${p.closed ? 'z' : ''}" style="fill:${f};stroke:#222;stroke-width:${p.pen === 'extension' ? 0.08 : p.pen === 'hook' ? 0.5 : 0.2}"/>`;
    if (p.kind === 'circle') return `<circle cx="${p.at[0]}" cy="${p.at[1]}" r="${p.radius}" style="fill:${f};stroke:#222;stroke-width:.2"/>`;
    if (p.kind === 'dimension') return `<path d="M${p.from}L${p.to}" style="stroke:#00c;stroke-width:.2"/><text x="${p.textAt[0]}" y="${p.textAt[1]}" text-anchor="middle" font-size="3" ${p.turned ? `transform="rotate(-90 ${p.textAt})"` : ''}>${p.label.code}</text>`;
    if (p.kind === 'balloon') return `<path d="M${p.at}L${p.target}" style="stroke:#c00;stroke-width:.15"/><circle cx="${p.at[0]}" cy="${p.at[1]}" r="2.6" fill="#fff" stroke="#c00" stroke-width=".2"/><text x="${p.at[0]}" y="${p.at[1] + 1}" text-anchor="middle" font-size="2.8">${p.number}</text>`;
    return '';
  }).join('');
  return `<g transform="translate(0 ${y})"><rect width="${d.widthMm}" height="${d.heightMm}" fill="#fff" stroke="#aaa" stroke-width=".2"/>${body}<text x="${d.widthMm - 2}" y="4" text-anchor="end" font-size="3.4">${name} 1:${d.scale}</text></g>`;
}
const rows: [string, any][] = [];
const which = process.argv[2];
if (which === 'rigs') for (const id of RIG_IDS) { const s = sampleOf(id); const e = evaluate(s); rows.push([id, drawDetail({ rig: readRig(s), chain: s.chain, presentation: s.presentation, figures: e.figures, widthMm: 186, heightMm: 60 })]); console.log(id, Object.values(e.verdicts).map((v) => v.mark).join(' '), e.checks.map((c) => `${c.severity}:${c.id}${c.code ? '/' + c.code : ''}`).join(' ')); }
else for (const { id, newest, file } of demoFiles) if (newest) { const e = evaluate(file); const rig = readRig(file); const o = { rig, chain: file.chain, presentation: file.presentation, figures: e.figures }; if (which === 'sheets') rows.push([id, drawSheet({ ...o, widthMm: 259, heightMm: 143, detailAt: [200, 80] })]); else rows.push([id, drawDetail({ ...o, widthMm: 186, heightMm: 60 })]); }
const cols = which === 'sheets' ? 3 : 2; const W = which === 'sheets' ? 262 : 189, H = which === 'sheets' ? 146 : 62;
const out = rows.map(([n, d], i) => `<g transform="translate(${(i % cols) * W} ${Math.floor(i / cols) * H})">${svg(d, 0, n)}</g>`).join('');
writeFileSync(`/tmp/w/${which}.html`, `<body style="margin:0"><svg viewBox="0 0 ${cols * W} ${Math.ceil(rows.length / cols) * H}" width="1600" style="font-family:sans-serif">${out}</svg></body>`);
