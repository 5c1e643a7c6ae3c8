import { is, says, type Entry } from './meaning';

export const WEIGHTS: readonly Entry[] = [
  [
    ['split shot', 'splitshot', 'perdigón', 'plomo partido'],
    is('weight', { material: 'lead', shape: 'sphere', rigging: 'fixed' }),
  ],
  [['egg sinker', 'egg weight', 'oliva', 'plomo de oliva'], is('weight', { shape: 'football', rigging: 'sliding' })],
  [
    ['bank sinker', 'bell sinker', 'drop shot weight', 'pera', 'plomada'],
    is('weight', { shape: 'sphere', rigging: 'fixed' }),
  ],
  [['bullet weight', 'worm weight', 'plomo bala'], is('weight', { shape: 'bullet' })],
  [
    ['cannonball', 'downrigger ball', 'bola de profundizador'],
    is('weight', { shape: 'sphere', material: 'lead', rigging: 'fixed' }),
  ],
  [['bullet', 'bala'], says({ shape: 'bullet' })],
  [['ball', 'round', 'bola', 'redonda'], says({ shape: 'sphere' })],
  [['cone', 'cono'], says({ shape: 'cone' })],
  [['football'], says({ shape: 'football' })],
  [['sliding', 'corredizo'], says({ rigging: 'sliding' })],
  [['fixed', 'fijo'], says({ rigging: 'fixed' })],
  [['lead', 'plomo'], says({ material: 'lead' })],
  [['tungsten', 'tungsteno', 'wolframio'], says({ material: 'tungsten' })],
  [['brass', 'latón'], says({ material: 'brass' })],
  [['steel', 'acero'], says({ material: 'steel' })],
  [['tin', 'estaño'], says({ material: 'tin' })],
  [['bismuth', 'bismuto'], says({ material: 'bismuth' })],
  [['bottom bouncer', 'bouncer', 'rebotador', 'lastre de fondo'], is('bottom-bouncer')],
];
