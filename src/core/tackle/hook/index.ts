export { hookOfClass, POINT_LEG, wireLengthM, type HookClassInput, type HookGeometry } from './hook-class';
export { hookSizeAt, hookStep } from './hook-size';
