import { nothing, type Rule } from '../rule';

/** Soft elastomers and plasticised vinyl eat each other: they lie apart, in the box and on the hook. */
export const apartInTheBox: Rule = ({ rig }) => {
  const soft = rig.ends.flatMap(({ assembly }) =>
    assembly.attached.filter(
      (each) => (each.kind === 'bait' && each.part.kind === 'soft-bait') || each.kind === 'trailer',
    ),
  );
  const materialOf = (each: (typeof soft)[number]) => ('material' in each.part ? each.part.material : null);
  const elastomer = soft.find((each) => materialOf(each) === 'soft-floating');
  if (!elastomer) return nothing;
  const vinyl = soft.find((each) => each !== elastomer && materialOf(each) !== 'soft-floating');
  return [
    {
      severity: vinyl ? 'edge' : 'note',
      verdict: 'balance',
      joints: [elastomer.joint.id, ...(vinyl ? [vinyl.joint.id] : [])],
      code: vinyl ? 'together' : 'store',
      facts: {},
    },
  ];
};
