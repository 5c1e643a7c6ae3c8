import { DEFAULT_CLASSES, type Classes } from '@/core/tackle/defaults/classes';
import { knotShare } from '@/core/rig';
import { printedLineN, printedWindowKg, type Joint, type KnotPart, type RodPart } from '@/core/tackle';
import type { LineMaterial } from '@/core/tackle/defaults/line-materials';
import { KNOTS } from '@/core/tackle/defaults/knots';
import type { Part } from '@/domain/parts';
import { quantitiesOf, type Provenance } from '@/core/base/quantity';
import type { I18n } from './client';

type Words = Pick<I18n, 't' | 'format' | 'number'>;

/** What a part is called: what it is, its nickname where it has one, and which of its colours is meant. */
export function partTitle(words: Words, part: Part, colour?: string): string {
  const what = kindTitle(words, part);
  const named = part.name && part.kind !== 'rod' ? words.t('part.named', { what, name: part.name }) : what;
  return colour ? words.t('part.coloured', { what: named, colour }) : named;
}

function kindTitle({ t, format, number }: Words, part: Part): string {
  switch (part.kind) {
    case 'rod':
      return part.name ? t('part.rod.named', { name: part.name }) : t('part.rod.plain');
    case 'reel':
      return t(`part.reel.${part.build}`, { gear: number(part.gearRatio.value, 1) });
    case 'line':
      return t('part.line.title', {
        material: t(`word.${part.material}`),
        diameter: part.diameterM
          ? format(part.diameterM.value, 'diameter')
          : format(part.strengthN?.value ?? null, 'force'),
      });
    case 'knot':
      return t(`word.${part.pattern}`);
    case 'weight':
      return t('part.weight.title', { shape: t(`word.${part.shape}`), material: t(`word.${part.material}`) });
    case 'hook':
      return t('part.hook.title', { style: t(`word.${part.style}`), size: part.size });
    case 'jig-head':
      return t('part.jig-head.title', { head: t(`head.${part.shape}`), mass: format(part.massKg.value, 'mass') });
    case 'soft-bait':
      return t('part.soft-bait.title', { tail: t(`word.${part.tail}`), length: format(part.lengthM.value, 'size') });
    case 'hard-lure':
      return capital(
        t('part.hard-lure.title', { buoyancy: t(`word.${part.buoyancy}`), length: format(part.lengthM.value, 'size') }),
      );
    case 'spoon':
      return t('part.spoon.title', { mass: format(part.massKg.value, 'mass') });
    case 'topwater':
    case 'trolled-fly':
    case 'trailer':
    case 'skirt':
    case 'diving-plane':
      return t(`part.${part.kind}.title`, { length: format(part.lengthM.value, 'size') });
    case 'skirted-jig':
      return t(part.blade === 'blade' ? 'part.skirted-jig.bladed' : 'part.skirted-jig.title', {
        mass: format(part.massKg.value, 'mass'),
      });
    case 'attractor':
      return t('part.attractor.title', {
        motion: t(`word.${part.motion}`),
        length: format(part.lengthM.value, 'size'),
      });
    case 'bottom-bouncer':
      return t('part.bottom-bouncer.title', { mass: format(part.massKg.value, 'mass') });
    case 'snell':
      return t('part.snell.title', { hooks: part.hooks, size: part.hookSize });
    case 'hardware':
      return t(part.size ? 'part.hardware.numbered' : 'part.hardware.title', {
        size: part.size ?? '',
        form: capital(t(`word.${part.form}`)),
        width: format(part.widthM.value, 'size'),
      });
    case 'natural-bait':
      return t('part.natural-bait.title', { bait: t(`word.${part.bait}`), length: format(part.lengthM.value, 'size') });
    default:
      return part satisfies never;
  }
}

/** The second line: what matters of the part in its joint, or in the Box where there is none, and its owner's own words. */
export function partDetail(
  words: Words,
  part: Part,
  joint: Joint | null,
  tiedIn?: LineMaterial,
  classes: Pick<Classes, 'knots'> = DEFAULT_CLASSES,
): string {
  const detail = kindDetail(words, part, joint, tiedIn, classes);
  return part.words ? `${detail} · ${part.words}` : detail;
}

function kindDetail(
  words: Words,
  part: Part,
  joint: Joint | null,
  tiedIn: LineMaterial | undefined,
  classes: Pick<Classes, 'knots'>,
): string {
  const { t, format } = words;
  switch (part.kind) {
    case 'rod':
      return rodDetail(words, part);
    case 'reel':
      return t('part.reel.detail', { clutch: format(part.clutchMaxN.value, 'force') });
    case 'line':
      return joint?.kind === 'leader'
        ? t('part.line.leader', {
            strength: format(part.strengthN?.value ?? null, 'force'),
            length: format(joint.lengthM, 'distance'),
          })
        : t('part.line.detail', {
            strength: format(part.strengthN?.value ?? null, 'force'),
            length: format(part.lengthM.value, 'distance'),
          });
    case 'knot':
      return t('part.knot.detail', {
        share: tiedIn ? format(knotShare(part, tiedIn, classes).value, 'share') : knotShares(words, part),
      });
    case 'weight':
      return joint?.kind === 'weight'
        ? t('part.weight.detail', { mass: format(part.massKg.value, 'mass'), hold: t(`word.${joint.hold}`) })
        : t('part.weight.plain', { mass: format(part.massKg.value, 'mass') });
    case 'hook':
      if (joint?.kind === 'stinger')
        return t('part.hook.stinger', { length: format(joint.lengthM, 'size'), held: t(`word.${joint.held}`) });
      return hookDetail(words, part, joint);
    case 'jig-head':
      return t('part.jig-head.detail', { size: part.size, wire: format(part.wireM.value, 'size') });
    case 'soft-bait':
      if (joint?.kind === 'bait' && joint.segmentsOff)
        return t('part.trimmed', { mass: format(part.massKg.value, 'mass'), segments: joint.segmentsOff });
      return t('part.soft-bait.detail', {
        mass: format(part.massKg.value, 'mass'),
        material: t(`word.${part.material}`),
      });
    case 'hard-lure':
      return t('part.hard-lure.detail', { mass: format(part.massKg.value, 'mass'), lip: t(`word.${part.lip}`) });
    case 'spoon':
      return t('part.spoon.detail', {
        length: format(part.lengthM.value, 'size'),
        material: t(`word.${part.material}`),
      });
    case 'topwater':
      return t('part.topwater.detail', { mass: format(part.massKg.value, 'mass'), body: t(`word.${part.body}`) });
    case 'trolled-fly':
    case 'attractor':
      return t(`part.${part.kind}.detail`, { mass: format(part.massKg.value, 'mass') });
    case 'skirted-jig':
      return t('part.skirted-jig.detail', { size: part.size, wire: format(part.wireM.value, 'size') });
    case 'trailer':
      if (joint?.kind === 'trailer' && joint.segmentsOff)
        return t('part.trimmed', { mass: format(part.massKg.value, 'mass'), segments: joint.segmentsOff });
      return t('part.trailer.detail', { mass: format(part.massKg.value, 'mass'), tail: t(`word.${part.tail}`) });
    case 'skirt':
      return t('part.skirt.detail', { mass: format(part.massKg.value, 'mass'), strands: t(`word.${part.strands}`) });
    case 'diving-plane':
      return t('part.diving-plane.detail', { mass: format(part.massKg.value, 'mass'), settings: part.settings });
    case 'bottom-bouncer':
      return t('part.bottom-bouncer.detail', { length: format(part.armM.value, 'size') });
    case 'snell':
      return t('part.snell.detail', {
        length: format(part.lengthM.value, 'distance'),
        strength: format(part.strengthN.value, 'force'),
      });
    case 'hardware':
      return part.strengthN
        ? t('part.hardware.detail', { strength: format(part.strengthN.value, 'force') })
        : t('part.hardware.plain', { mass: format(part.massKg.value, 'mass') });
    case 'natural-bait':
      if (joint?.kind === 'bait')
        return t('part.natural-bait.held', {
          mass: format(part.massKg.value, 'mass'),
          held: t(`word.${joint.held ?? 'threaded'}`),
        });
      return t('part.natural-bait.detail', { mass: format(part.massKg.value, 'mass'), state: t(`word.${part.state}`) });
    default:
      return part satisfies never;
  }
}

function hookDetail({ t, format }: Words, part: Extract<Part, { kind: 'hook' }>, joint: Joint | null): string {
  const wire = format(part.wireM.value, 'size');
  let what =
    joint?.kind !== 'hook'
      ? t('part.hook.plain', { wire, wireClass: t(`word.${part.wireClass}`) })
      : joint.station
        ? t('part.hook.onLure', { wire, station: t(`station.${joint.station}`) })
        : t('part.hook.detail', { wire, point: t(`word.${joint.point}`) });
  if (part.blade === 'blade' && part.bladeLengthM)
    what = t('part.hook.bladed', { what, length: format(part.bladeLengthM.value, 'size') });
  if (part.shankWeightKg) what = t('part.hook.weighted', { what, mass: format(part.shankWeightKg.value, 'mass') });
  return what;
}

const capital = (text: string) => text.charAt(0).toLocaleUpperCase() + text.slice(1);

function rodDetail({ t, format }: Words, { stiffness, lengthM, ...rod }: RodPart): string {
  const length = format(lengthM.value, 'rodLength');
  switch (stiffness.kind) {
    case 'taper':
      return t('part.rod.measured', { length });
    case 'class':
      return t('part.rod.detail', {
        length,
        power: t(`word.${stiffness.power}`),
        action: t(`word.${stiffness.action}`),
      });
    case 'window': {
      const [lo, hi] = printedWindowKg({ stiffness, lengthM, ...rod })!;
      return t('part.rod.printed', {
        length,
        lo: format(lo, 'mass'),
        hi: format(hi, 'mass'),
        action: t(`word.${stiffness.action}`),
      });
    }
    case 'line-class': {
      const [lo, hi] = printedLineN({ stiffness, lengthM, ...rod })!;
      return t('part.rod.printed', {
        length,
        lo: format(lo, 'force'),
        hi: format(hi, 'force'),
        action: t(`word.${stiffness.action}`),
      });
    }
    default:
      return stiffness satisfies never;
  }
}

/** The least known of the readings that a part's verdicts hang on. */
export function leastKnown(part: Part): Provenance {
  const provenances = quantitiesOf(part).map(([, quantity]) => quantity.provenance);
  if (part.kind === 'knot') return provenances.includes('measured') ? 'measured' : 'class';
  if (part.kind === 'rod')
    return part.stiffness.kind === 'taper'
      ? part.stiffness.buttEiNm2.provenance
      : printedWindowKg(part) || printedLineN(part)
        ? 'label'
        : 'class';
  return provenances.includes('class') ? 'class' : provenances.includes('label') ? 'label' : 'measured';
}

function knotShares({ format }: Words, knot: KnotPart): string {
  const { fluorocarbon, nylon, braid } = KNOTS[knot.pattern].shares;
  const shares = [
    knot.shares.fluorocarbon?.value ?? fluorocarbon,
    knot.shares.nylon?.value ?? nylon,
    knot.shares.braid?.value ?? braid,
  ];
  const low = Math.min(...shares);
  const high = Math.max(...shares);
  return low === high ? format(low, 'share') : `${format(low, 'share')}–${format(high, 'share')}`;
}
