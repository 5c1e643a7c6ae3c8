export { BODY_LIMITS, resolveBody, type BodyShape, type SinkBody } from './body';
export { sink, SINK_LIMITS, type Sink, type SinkInput, type SinkRow } from './sink';
