/** A revision's number as drawings letter it: A … Z, AA, AB … */
export function revisionLetter(number: number): string {
  const rest = Math.floor((number - 1) / 26);
  return (rest > 0 ? revisionLetter(rest) : '') + String.fromCharCode(65 + ((number - 1) % 26));
}
