export {
  bladeMassKg,
  hookOfClass,
  POINT_LEG,
  usualBladeM,
  wireLengthM,
  type HookClassInput,
  type HookGeometry,
} from './hook-class';
export { hookSizeAt, hookStep } from './hook-size';
