import type { Scene } from '../scene';
import type { InWater, WaterAction } from '../use-water';

/** What every tool is handed: the setups in the picture, the one in view, and the scene. */
export interface ToolProps {
  readonly lines: readonly InWater[];
  readonly main: InWater;
  readonly scene: Scene;
  readonly dispatch: (action: WaterAction) => void;
}
