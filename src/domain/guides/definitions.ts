import { accuracyGuide } from './each/accuracy-test';
import { calliperGuide } from './each/calliper';
import { clutchGuide } from './each/clutch-test';
import { diveGuide } from './each/dive-test';
import { floatGuide } from './each/float-test';
import { hangGuide } from './each/hang-test';
import { lineGuide } from './each/line-test';
import { pullGuide } from './each/pull-test';
import { setGuide } from './each/set-test';
import { sinkGuide } from './each/sink-test';
import { spoolGuide } from './each/spool-fill';
import { weighGuide } from './each/weigh';
import { windowGuide } from './each/window-test';
import type { GuideDefinition } from './guide';
import type { Guide } from './names';

/** What each guide asks, and what it makes of the readings: one file a guide. */
export const GUIDE_DEFINITIONS: Readonly<Record<Guide, GuideDefinition>> = {
  weigh: weighGuide,
  'hang-test': hangGuide,
  'sink-test': sinkGuide,
  'float-test': floatGuide,
  calliper: calliperGuide,
  'pull-test': pullGuide,
  'line-test': lineGuide,
  'clutch-test': clutchGuide,
  'spool-fill': spoolGuide,
  'window-test': windowGuide,
  'accuracy-test': accuracyGuide,
  'dive-test': diveGuide,
  'set-test': setGuide,
};
