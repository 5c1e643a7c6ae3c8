/**
 * Hook sizes on one axis: …, 4, 2, 1, 1/0, 2/0, … each a step; plain numbers count down to 1, aughts count up.
 * Size 1 stands at 0, 1/0 at 1, 2 at −1, 4 at −2; the rare odd sizes fall between. Null: not a size from 18 to 12/0.
 */
export function hookStep(size: string): number | null {
  const aught = /^(\d{1,2})\/0$/.exec(size);
  if (aught) {
    const n = Number(aught[1]);
    return n >= 1 && n <= 12 ? n : null;
  }
  const plain = /^(\d{1,2})$/.exec(size);
  if (!plain) return null;
  const n = Number(plain[1]);
  return n >= 1 && n <= 18 ? (n === 1 ? 0 : -n / 2) : null;
}

/** The size at a step of the axis; null where no hook is made: `hookSizeAt(1)` is 1/0, `hookSizeAt(-2)` is 4. */
export function hookSizeAt(step: number): string | null {
  const size = step >= 1 ? `${step}/0` : step === 0 ? '1' : String(-2 * step);
  return hookStep(size) === step ? size : null;
}
