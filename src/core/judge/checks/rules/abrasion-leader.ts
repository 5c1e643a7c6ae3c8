import { METALS } from '../look';
import { nothing, type Rule } from '../rule';

/** Teeth, gill plates and rock want a leader that stands them. */
export const abrasionLeader: Rule = ({ rig, presentation }) => {
  const { wear } = presentation;
  if (wear.length === 0) return nothing;
  const trace = rig.elements.some((element) => element.kind === 'link' && element.fitted.part.form === 'trace');
  const last = rig.pieces.at(-1)!;
  if (trace || METALS.has(last.material)) return nothing;
  const { teethMm, rockMm } = rig.classes.checks.abrasion;
  const askedM = (wear.includes('teeth') ? teethMm : rockMm) / 1e3;
  const soft = last.material === 'braid' || last.material === 'lead-core';
  if (!soft && last.line.diameterM >= askedM * 0.999) return nothing;
  const bare = rig.pieces.length === 1;
  return [
    {
      severity: bare || soft || wear.includes('teeth') ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [last.jointId],
      code: bare ? 'none' : 'thin',
      facts: { wear: wear[0]!, diameterM: last.line.diameterM, askedM },
    },
  ];
};
