/** Letters and digits that are not taken for each other when typed with cold hands. */
const SIGNS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

/** Five signs to type in place of an address that cannot be reached; the same for the same id. FNV-1a, 32 bits. */
export function shortCode(id: string): string {
  let hash = 0x811c9dc5;
  for (const char of id) hash = Math.imul(hash ^ char.charCodeAt(0), 0x01000193) >>> 0;
  return Array.from({ length: 5 }, (_, i) => SIGNS[Math.floor(hash / SIGNS.length ** i) % SIGNS.length]!).join('');
}
