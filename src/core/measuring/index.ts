export { clutchTest, CLUTCH_TEST_LIMITS, type ClutchReading, type ClutchTestResult } from './clutch-test';
export { floatTest, FLOAT_TEST_LIMITS, type Displaced, type FloatTest } from './float-test';
export { lineTest, LINE_TEST_LIMITS, type LineTest, type LineTestResult } from './line-test';
export { pullTest, PULL_TEST_LIMITS, type PullTest, type PullTestResult } from './pull-test';
export { meanOf, READINGS_COUNT, type Measured } from './readings';
export { setTest, SET_TEST_LIMITS, type SetTest, type SetTestResult } from './set-test';
export { sinkTest, SINK_TEST_LIMITS, type SinkTest, type SinkTestResult, type TimedFall } from './sink-test';
export { weighed, WEIGH_LIMITS, type Weighing } from './weigh';
export { windowTest, WINDOW_TEST_LIMITS, type WindowTest, type WindowTestResult } from './window-test';
