import { is, type Entry } from './meaning';

const hardware = (form: string) => is('hardware', { form });

export const HARDWARE: readonly Entry[] = [
  [
    [
      'swivel',
      'barrel swivel',
      'ball bearing swivel',
      'esmerillón',
      'emerillón',
      'quitavueltas',
      'three way',
      'three way swivel',
      'snap swivel',
      'rolling swivel',
      'swivels',
    ],
    hardware('swivel'),
  ],
  [['giratorio'], hardware('swivel')],
  [['snap', 'mosquetón', 'grapa', 'clip'], hardware('snap')],
  [['solid ring', 'anilla maciza'], hardware('solid-ring')],
  [['split ring', 'anilla partida', 'anilla', 'anilla abierta'], hardware('split-ring')],
  [['bead', 'beads', 'perla', 'perlas', 'cuenta', 'cuentas'], hardware('bead')],
  [['stop', 'bobber stop', 'tope'], hardware('stop')],
  [['crimp', 'crimp sleeve', 'casquillo'], hardware('crimp')],
  [['screw keeper', 'tornillo'], hardware('screw-keeper')],
  [['hook guard', 'antienganche'], hardware('hook-guard')],
  [['trace', 'wire trace', 'bajo de acero'], hardware('trace')],
  [['blade', 'pala', 'spinner blade'], hardware('blade')],
  [['wobble disc', 'disco'], hardware('wobble-disc')],
  [['bridle', 'brida'], hardware('bridle')],
  [['sleeve', 'tubing', 'tube', 'tubo', 'tubito'], hardware('sleeve')],
  [['planer board', 'planer', 'side planer', 'inline planer', 'tabla lateral', 'planeador'], hardware('planer-board')],
  [
    ['release clip', 'line release', 'release', 'outrigger clip', 'outrigger release', 'pinza de suelta', 'pinza'],
    hardware('release-clip'),
  ],
  [['bait head', 'cabeza de cebo'], hardware('bait-head')],
];
