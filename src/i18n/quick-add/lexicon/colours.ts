import { says, type Entry } from './meaning';

/** Colours as they stand on packets, kept in the words that were written. */
const COLOURS = [
  'black negro',
  'white blanco blanca',
  'red rojo roja',
  'blue azul',
  'green verde',
  'yellow amarillo amarilla',
  'orange naranja',
  'pink rosa',
  'purple morado morada violeta',
  'brown marrón',
  'grey gray gris',
  'silver plata plateado plateada',
  'gold oro dorado dorada',
  'chrome cromado cromada',
  'chartreuse',
  'firetiger',
  'pearl perla',
  'natural',
  'glow fosforescente',
  'perch perca',
  'amber ámbar',
  'holographic holográfico holográfica',
  'glitter purpurina',
].flatMap((row) => row.split(' '));

export const COLOUR_WORDS: readonly Entry[] = COLOURS.map((word) => [[word], says({ colours: word })]);
