/** Depth of the bottom at distances behind the boat, ascending; empty: deeper than anything reaches. */
export type BottomProfile = readonly { readonly behindM: number; readonly depthM: number }[];

/** Depth of the bottom there: straight between points, level beyond the ends [m]; undefined without a profile. */
export function bottomUnder(profile: BottomProfile, behindM: number): number | undefined {
  const after = profile.findIndex((point) => point.behindM >= behindM);
  if (after <= 0) return profile.at(after === 0 ? 0 : -1)?.depthM;
  const [a, b] = [profile[after - 1]!, profile[after]!];
  return a.depthM + ((b.depthM - a.depthM) * (behindM - a.behindM)) / (b.behindM - a.behindM);
}
