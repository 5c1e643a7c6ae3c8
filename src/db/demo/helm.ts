import { usualHelm } from '@/domain/helm/usual-helm';
import type { Helm } from '@/domain/helm/helm';
import { helmIdSchema, spreadIdSchema } from '@/domain/ids';

/** Dunlin on the lake: a probe on a cable of its own, and the simulated instrument of this machine. */
export const demoHelm: Helm = {
  ...usualHelm(helmIdSchema.parse('helm-dunlin')),
  craftId: 'dunlin',
  spreadId: spreadIdSchema.parse('spread-lake'),
  connections: [
    {
      id: 'simulated',
      name: 'Simulated instrument',
      kind: 'tcp',
      host: '127.0.0.1',
      port: 10110,
      needsChecksum: true,
      on: true,
    },
  ],
  figures: [
    { channel: 'probeMps', wanted: { from: 1, to: 1.3 }, alarm: true },
    { channel: 'sogMps', wanted: null, alarm: false },
    { channel: 'probeC', wanted: { from: 7, to: 11 }, alarm: false },
  ],
  breakC: 10.5,
  clearM: 4,
  probe: {
    cableM: 20,
    ballKg: 4.5,
    cable: 'steel-cable',
    cableDiameterM: 0.9e-3,
    water: { temperatureC: 9, salinity: 0 },
  },
};
