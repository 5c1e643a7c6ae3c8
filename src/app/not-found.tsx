export { default } from './(views)/not-found';
