import { before, spinnersOf, turnsOut } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** A swivel on the nose of something that does not spin is only weight and a flash. */
export const needlessSwivel: Rule = (input) => {
  const { rig, presentation } = input;
  const spins = new Set(spinnersOf(rig, presentation.speedMps).map(({ element }) => element));
  const side = sideOf(input, 'spin-link');
  return rig.ends.flatMap(({ assembly, bearerId }): Found[] => {
    if (spins.has(assembly) || assembly.bearer.kind === 'snell') return [];
    const ahead = [...before(rig, assembly)].reverse();
    const untilLine = ahead.slice(
      0,
      Math.max(
        0,
        ahead.findIndex(({ kind }) => kind === 'piece'),
      ),
    );
    const swivel = untilLine.find(turnsOut);
    if (!swivel || swivel.kind !== 'link') return [];
    return [
      {
        severity: side === 'ring' ? 'edge' : 'note',
        verdict: 'balance',
        joints: [swivel.fitted.joint.id, bearerId],
        facts: { massKg: swivel.fitted.part.massKg.value },
        school: 'spin-link',
        side,
      },
    ];
  });
};
