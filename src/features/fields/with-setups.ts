/** A link to a view that begins with these setups. */
export const withSetups = (path: string, ids: readonly string[]): string =>
  `${path}?${ids.map((id) => `setup=${encodeURIComponent(id)}`).join('&')}`;
