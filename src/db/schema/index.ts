export { bench } from './bench';
export { part } from './part';
export { revision } from './revision';
export { revisionPart } from './revision-part';
export { setup } from './setup';
