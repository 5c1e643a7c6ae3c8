import { TWIST } from '../../tackle/defaults/rig-classes';
import type { LineMaterial } from '../../tackle/defaults/line-materials';
import { weightSize } from '../../tackle';
import { carriesPull, type Assembly, type Element, type Fitted, type Rig, pinchedAboveM, baitSpin } from '../../rig';
import type { HardwareForm } from '../../tackle/defaults/hardware-classes';

/** Questions that several rules ask of a rig. */

export const METALS: ReadonlySet<LineMaterial> = new Set([
  'steel-single',
  'steel-seven',
  'steel-cable',
  'steel-soft',
  'copper-strand',
]);

export const craftOf = (rig: Rig, craftId: string | null) => rig.house.crafts.find(({ id }) => id === craftId) ?? null;

/** What stands right before an assembly: a knot, a link, or nothing. */
export function connectionBefore(rig: Rig, assembly: Assembly): Element | null {
  const at = rig.elements.indexOf(assembly);
  for (const element of [...rig.elements.slice(0, at)].reverse()) {
    if (element.kind === 'threaded') continue;
    return element;
  }
  return null;
}

/** The elements between the main line and another element. */
export const before = (rig: Rig, element: Element): readonly Element[] =>
  rig.elements.slice(0, rig.elements.indexOf(element));

export const linkOf = (
  element: Element,
  ...forms: readonly HardwareForm[]
): element is Extract<Element, { kind: 'link' }> => element.kind === 'link' && forms.includes(element.fitted.part.form);

/** A snap often carries a swivel; both let what is behind turn. */
export const turnsOut = (element: Element): boolean => linkOf(element, 'swivel');

/** What spins or rolls when pulled, with the turns that it makes in a metre. */
export interface Spinner {
  readonly element: Element;
  readonly jointId: string;
  readonly what: 'spoon' | 'attractor' | 'natural-bait' | 'disc';
  readonly turnsPerM: number;
}

export function spinnersOf(rig: Rig, speedMps: number): readonly Spinner[] {
  return rig.elements.flatMap((element, i): Spinner[] => {
    if (element.kind === 'inline' && element.fitted.kind === 'attractor' && element.fitted.part.motion === 'rotating') {
      return [
        {
          element,
          jointId: element.fitted.joint.id,
          what: 'attractor',
          turnsPerM: TWIST.attractor.turnsPerLength / element.fitted.part.lengthM.value,
        },
      ];
    }
    if (element.kind !== 'assembly') return [];
    const { bearer, attached } = element;
    if (bearer.kind === 'lure' && bearer.part.kind === 'spoon')
      return [
        {
          element,
          jointId: bearer.joint.id,
          what: 'spoon',
          turnsPerM: TWIST.spoon.turnsPerLength / bearer.part.lengthM.value,
        },
      ];
    const bait = attached.find((each) => each.kind === 'bait');
    const capped = rig.elements[i - 1]?.kind === 'threaded' && has(rig.elements[i - 1]!, 'bait-head');
    if (bait?.kind === 'bait' && bait.part.kind === 'natural-bait' && (bait.joint.spins || capped)) {
      return [
        {
          element,
          jointId: bait.joint.id,
          what: 'natural-bait',
          turnsPerM: TWIST['natural-bait'].turnsPerLength / bait.part.lengthM.value,
        },
      ];
    }
    const end = rig.ends.find(({ assembly }) => assembly === element);
    const bowed = end ? baitSpin(end, speedMps) : null;
    if (bait && bowed && bowed.turnsPerM > 0)
      return [{ element, jointId: bait.joint.id, what: 'natural-bait', turnsPerM: bowed.turnsPerM }];
    const disc =
      bearer.kind === 'lure' &&
      bearer.part.kind === 'trolled-fly' &&
      (bearer.part.discDiameterM !== undefined || has(rig.elements[i - 1], 'wobble-disc'));
    if (disc && bearer.part.kind === 'trolled-fly')
      return [
        {
          element,
          jointId: bearer.joint.id,
          what: 'disc',
          turnsPerM: TWIST.spoon.turnsPerLength / bearer.part.lengthM.value,
        },
      ];
    return [];
  });
}

const has = (element: Element | undefined, form: HardwareForm): boolean =>
  element?.kind === 'threaded' && element.fitted.kind === 'hardware' && element.fitted.part.form === form;

/** Line from one element to the next assembly or the end of the rig [m]. */
export function leadAfter(rig: Rig, element: Element): { readonly leadM: number; readonly next: Assembly | null } {
  let leadM = pinchedAboveM(element) ?? 0;
  for (const each of rig.elements.slice(rig.elements.indexOf(element) + 1)) {
    if (each.kind === 'piece' && each.fitted.kind === 'leader') leadM += each.fitted.joint.lengthM;
    if (each.kind === 'assembly')
      return { leadM: leadM + (each.bearer.kind === 'snell' ? each.bearer.part.lengthM.value : 0), next: each };
  }
  return { leadM, next: null };
}

/** The widest thing at the main line's end that must pass the rings when the rig is wound up; null: only knots. */
export function stopperOf(
  rig: Rig,
): { readonly jointId: string; readonly widthM: number; readonly form: string; readonly beyondM: number } | null {
  let beyondM = rig.pieces.reduce((sum, { lengthM }) => sum + (lengthM ?? 0), 0);
  for (const element of rig.elements) {
    if (element.kind === 'piece' && element.fitted.kind === 'leader') beyondM -= element.fitted.joint.lengthM;
    if (element.kind === 'assembly') return null;
    const wide = widthOf(element);
    if (wide && wide.widthM >= rig.classes.checks.ringBore.tipM) return { ...wide, beyondM };
  }
  return null;
}

/** Joint, width and sort of something on the line; null for knots and line. */
export function widthOf(
  element: Element,
): { readonly jointId: string; readonly widthM: number; readonly form: string } | null {
  switch (element.kind) {
    case 'piece':
    case 'knot':
    case 'assembly':
      return null;
    case 'link':
      return {
        jointId: element.fitted.joint.id,
        widthM: element.fitted.part.widthM.value,
        form: element.fitted.part.form,
      };
    case 'threaded':
    case 'inline':
      return { jointId: element.fitted.joint.id, ...sizeOf(element.fitted) };
    default:
      return element satisfies never;
  }
}

function sizeOf(fitted: Extract<Element, { kind: 'threaded' | 'inline' }>['fitted']): {
  readonly widthM: number;
  readonly form: string;
} {
  switch (fitted.kind) {
    case 'weight':
      return {
        widthM: weightSize({
          massKg: fitted.part.massKg.value,
          material: fitted.part.material,
          shape: fitted.part.shape,
        }).diameterM,
        form: 'weight',
      };
    case 'hardware':
      return { widthM: fitted.part.widthM.value, form: fitted.part.form };
    case 'attractor':
    case 'plane':
      return { widthM: fitted.part.lengthM.value / 3, form: fitted.kind };
    case 'bouncer':
      return { widthM: fitted.part.armM.value, form: fitted.kind };
    default:
      return fitted satisfies never;
  }
}

/** Whether a joint carries the fish's pull. */
export function carries(fitted: Fitted): boolean {
  switch (fitted.kind) {
    case 'line':
    case 'leader':
    case 'attractor':
    case 'plane':
    case 'bouncer':
    case 'hook':
    case 'jig-head':
    case 'lure':
    case 'snell':
      return true;
    case 'weight':
      return fitted.joint.hold === 'fixed';
    case 'hardware':
      return carriesPull(fitted.part.form);
    default:
      return false;
  }
}

/** What is on an assembly beside its bearer, by form. */
export const attachedForm = (assembly: Assembly, form: HardwareForm) =>
  assembly.attached.find((each) => each.kind === 'hardware' && each.part.form === form) ?? null;

/** What stands right before an assembly on the line, knots apart: a disc or a cap that drives it. */
export function driverBefore(rig: Rig, assembly: Assembly): 'wobble-disc' | 'bait-head' | null {
  for (const element of rig.elements.slice(0, rig.elements.indexOf(assembly)).reverse()) {
    if (element.kind === 'piece') return null;
    if (has(element, 'wobble-disc')) return 'wobble-disc';
    if (has(element, 'bait-head')) return 'bait-head';
  }
  return null;
}

/** Whether a stop or bead stands between a disc and the knot behind it. */
export function stopBehindDisc(rig: Rig, assembly: Assembly): boolean {
  for (const element of rig.elements.slice(0, rig.elements.indexOf(assembly)).reverse()) {
    if (has(element, 'wobble-disc')) return false;
    if (has(element, 'stop') || has(element, 'bead')) return true;
  }
  return false;
}

/** Lures that move by themselves when pulled, and such as hang on being driven: a disc or a cap before a bait drives it too. */
export function actionOf(rig: Rig, assembly: Assembly): 'own' | 'driven' | 'either' {
  const { bearer, attached } = assembly;
  if (driverBefore(rig, assembly)) return 'own';
  if (bearer.kind === 'lure') {
    switch (bearer.part.kind) {
      case 'hard-lure':
      case 'spoon':
        return 'own';
      case 'topwater':
        return bearer.part.body === 'hollow' ? 'either' : 'own';
      case 'trolled-fly':
        return bearer.part.discDiameterM ? 'own' : 'driven';
      case 'skirted-jig':
        return bearer.part.blade === 'blade' ? 'own' : 'either';
      default:
        return bearer.part satisfies never;
    }
  }
  const natural = attached.find((each) => each.kind === 'bait' && each.part.kind === 'natural-bait');
  if (natural?.kind === 'bait') return natural.joint.spins ? 'own' : 'driven';
  return bearer.kind === 'snell' ? 'driven' : 'either';
}
