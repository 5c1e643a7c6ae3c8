/** So many results are kept for one first input. */
const KEPT = 8;

/**
 * What is made of inputs that nobody changes, made once for the very same ones. `inputsOf` names all that the result follows
 * from; they are compared by identity, and kept as long as the first of them is in use.
 */
export function remembered<Given, Made>(
  inputsOf: (given: Given) => readonly [object, ...unknown[]],
  make: (given: Given) => Made,
): (given: Given) => Made {
  const known = new WeakMap<object, readonly { readonly inputs: readonly unknown[]; readonly made: Made }[]>();
  return (given) => {
    const inputs = inputsOf(given);
    const before = known.get(inputs[0]) ?? [];
    const same = before.find(
      (each) => each.inputs.length === inputs.length && each.inputs.every((input, i) => Object.is(input, inputs[i])),
    );
    if (same) return same.made;
    const made = make(given);
    known.set(inputs[0], [{ inputs, made }, ...before.slice(0, KEPT - 1)]);
    return made;
  };
}
