export { angler } from './angler';
export { bench } from './bench';
export { movement } from './movement';
export { part } from './part';
export { reading } from './reading';
export { revision } from './revision';
export { revisionPart } from './revision-part';
export { setup } from './setup';
