export const newId = (): string => crypto.randomUUID();

/** An entry's own id, and the time of this phone's clock. */
export const own = () => ({ id: newId(), atS: Date.now() / 1000 });
