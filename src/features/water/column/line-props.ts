import type { InWater } from '../use-water';
import type { ColumnScale } from './column-scale';

/** One line of the picture as it is drawn. */
export interface LineProps {
  readonly line: InWater;
  readonly index: number;
  readonly scale: Pick<ColumnScale, 'x' | 'y'>;
  readonly selected: boolean;
  readonly onSelect: () => void;
}
