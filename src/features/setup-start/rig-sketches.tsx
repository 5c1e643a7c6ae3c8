import type { ReactNode } from 'react';
import { RIG_IDS, type RigId } from '@/domain/rigs';
import { RigSketch } from './rig-sketch';

/** The drawing of every built-in rig, made on the server: the browser gets lines, not the work. */
export const rigSketches = (): Readonly<Record<RigId, ReactNode>> =>
  Object.fromEntries(RIG_IDS.map((rig) => [rig, <RigSketch key={rig} rig={rig} />])) as unknown as Readonly<
    Record<RigId, ReactNode>
  >;
