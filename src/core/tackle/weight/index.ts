export { weightSize } from './weight-size';
