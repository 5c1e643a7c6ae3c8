/** Puts an entry last and lets the first go once there are more than `most`: what was put longest ago. */
export function keepNewest<K, V>(map: Map<K, V>, key: K, value: V, most: number): void {
  map.delete(key);
  map.set(key, value);
  const [oldest] = map.keys();
  if (map.size > most && oldest !== undefined) map.delete(oldest);
}
