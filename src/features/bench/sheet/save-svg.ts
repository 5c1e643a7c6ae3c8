import { saveText } from '@/features/fields/save-text';

/** What a pen is, of all that a style says: the rest is the page's. */
const PEN = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'font-stretch',
  'paint-order',
] as const;

/** The drawing as a file of its own, with its pens written into it, in millimetres of paper. */
export function svgText(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const originals = svg.querySelectorAll('*');
  copy.querySelectorAll<SVGElement>('*').forEach((element, i) => {
    const style = getComputedStyle(originals[i]!);
    element.setAttribute('style', PEN.map((name) => `${name}:${style.getPropertyValue(name)}`).join(';'));
    element.removeAttribute('class');
  });
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', `${width}mm`);
  copy.setAttribute('height', `${height}mm`);
  copy.removeAttribute('class');
  copy.firstElementChild?.removeAttribute('transform');
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}`;
}

export const saveSvg = (svg: SVGSVGElement, name: string): void =>
  saveText(`${name}.svg`, 'image/svg+xml', svgText(svg));
