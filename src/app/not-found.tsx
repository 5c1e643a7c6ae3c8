export { default } from './bench/not-found';
