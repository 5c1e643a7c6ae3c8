/** Said when not even the frame of a page could be made, so that no catalogue is at hand: in both languages at once. */
export const LAST_WORDS = {
  en: 'Something went wrong while this page was made. Nothing that was saved is lost. Reload the page; .data/app.log says more.',
  es: 'Algo falló al hacer esta página. No se pierde nada guardado. Recarga la página; .data/app.log dice más.',
} as const;
