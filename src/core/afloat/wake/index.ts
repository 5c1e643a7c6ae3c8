export { laybackOn, wake, WAKE_LIMITS, type OnWake, type Wake, type WakeInput, type WakePlace } from './wake';
