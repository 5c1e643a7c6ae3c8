import benchEn from './catalogues/en/bench.json';
import boxEn from './catalogues/en/box.json';
import crewEn from './catalogues/en/crew.json';
import helmEn from './catalogues/en/helm.json';
import logEn from './catalogues/en/log.json';
import quiverEn from './catalogues/en/quiver.json';
import rulesEn from './catalogues/en/rules.json';
import sharedEn from './catalogues/en/shared.json';
import spreadEn from './catalogues/en/spread.json';
import todayEn from './catalogues/en/today.json';
import trialsEn from './catalogues/en/trials.json';
import tyingEn from './catalogues/en/tying.json';
import waterEn from './catalogues/en/water.json';
import benchEs from './catalogues/es/bench.json';
import boxEs from './catalogues/es/box.json';
import crewEs from './catalogues/es/crew.json';
import helmEs from './catalogues/es/helm.json';
import logEs from './catalogues/es/log.json';
import quiverEs from './catalogues/es/quiver.json';
import rulesEs from './catalogues/es/rules.json';
import sharedEs from './catalogues/es/shared.json';
import spreadEs from './catalogues/es/spread.json';
import todayEs from './catalogues/es/today.json';
import trialsEs from './catalogues/es/trials.json';
import tyingEs from './catalogues/es/tying.json';
import waterEs from './catalogues/es/water.json';
import type { Locale } from './preferences';
import type { Room } from './rooms';

const EN = {
  shared: sharedEn,
  bench: benchEn,
  box: boxEn,
  water: waterEn,
  quiver: quiverEn,
  tying: tyingEn,
  spread: spreadEn,
  helm: helmEn,
  log: logEn,
  trials: trialsEn,
  crew: crewEn,
  today: todayEn,
  rules: rulesEn,
} satisfies Record<Room, object>;

const ES: typeof EN = {
  shared: sharedEs,
  bench: benchEs,
  box: boxEs,
  water: waterEs,
  quiver: quiverEs,
  tying: tyingEs,
  spread: spreadEs,
  helm: helmEs,
  log: logEs,
  trials: trialsEs,
  crew: crewEs,
  today: todayEs,
  rules: rulesEs,
};

const whole = (rooms: typeof EN) => ({
  ...rooms.shared,
  ...rooms.bench,
  ...rooms.box,
  ...rooms.water,
  ...rooms.quiver,
  ...rooms.tying,
  ...rooms.today,
  ...rooms.spread,
  ...rooms.helm,
  ...rooms.log,
  ...rooms.trials,
  ...rooms.crew,
  ...rooms.rules,
});

export type Catalogue = ReturnType<typeof whole>;

export const CATALOGUES: Readonly<Record<Locale, typeof EN>> = { en: EN, es: ES };

const WHOLE: Readonly<Record<Locale, Catalogue>> = { en: whole(EN), es: whole(ES) };

/** Every message of a language: for the server and the tests; a page loads those of its room, see `Words`. */
export const catalogueOf = (locale: Locale): Catalogue => WHOLE[locale];
