import { PROBE, lineIdOf, onRod } from '@/domain/spread/line-names';
import type { Part } from '@/domain/parts';
import type { MarkReading } from '@/domain/spread/line-mark';
import { markReading } from '@/domain/spread/line-mark';
import type { SetupFiles } from '@/domain/spread/solve';
import type { SpreadDocument, SpreadLineDocument } from '@/domain/spread/spread';
import type { I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { SpreadInHand } from './use-spread';

/** What a line is called: its number, from one. */
export const numberOf = ({ lines }: Pick<SpreadDocument, 'lines'>, id: string): number =>
  lines.findIndex((line) => line.id === id) + 1;

/** A name of `spread` as it is said: "3", "cable of 3", "board of 3", "probe". */
export function nameOf({ t }: Pick<I18n, 't'>, spread: Pick<SpreadDocument, 'lines'>, name: string): string {
  if (name === PROBE) return t('spread.probe');
  const number = numberOf(spread, lineIdOf(name));
  if (name.endsWith(' cable')) return t('spread.cableOf', { number });
  return name.endsWith(' board') ? t('spread.boardOf', { number }) : String(number);
}

/** The file of a line on the rod that it stands on. */
export function fileOf(
  inHand: Pick<SpreadInHand, 'setups' | 'rods'>,
  line: SpreadLineDocument,
): SetupFiles[string] | null {
  const file = inHand.setups.find(({ id }) => id === line.setupId)?.file;
  return file
    ? onRod(
        file,
        inHand.rods.find(({ id }) => id === line.rodId),
      )
    : null;
}

const partIn = (file: SetupFiles[string], kinds: readonly string[]): Part | null =>
  (file.parts.find(({ id }) => file.chain.some((joint) => joint.partId === id && kinds.includes(joint.kind))) as
    Part | undefined) ?? null;

/** The rod of a line by its nickname. */
export function rodName(i18n: I18n, file: SetupFiles[string] | null): string {
  const rod = file && partIn(file, ['rod']);
  return rod ? ((rod as { readonly name?: string }).name ?? partTitle(i18n, rod)) : '–';
}

/** The mark of a line as it is read: "counter 40.1", "ball 12.0, 15 m back", "yellow thread". */
export function markText(i18n: I18n, line: SpreadLineDocument, file: SetupFiles[string] | null): string {
  if (!file) return '–';
  const said = readingText(i18n, markReading(line, file));
  if (line.cableM !== undefined)
    return i18n.t('spread.mark.ball', {
      cable: i18n.show(line.cableM, 'distance').number,
      back: i18n.format(line.lineM, 'distance'),
    });
  if (line.board)
    return i18n.t('spread.mark.board', { board: i18n.show(line.board.lineM, 'distance').number, mark: said });
  return said;
}

function readingText({ t, number, show }: I18n, { by, count, name }: MarkReading): string {
  if (by === 'tied') return name.trim() === '' ? t('spread.mark.tiedUnnamed') : name;
  if (count === null) return t('spread.mark.none');
  const counted = by === 'metres' || by === 'counter' ? show(count, 'distance').number : number(count, 1);
  return t(`spread.mark.${by}`, { count: counted });
}
