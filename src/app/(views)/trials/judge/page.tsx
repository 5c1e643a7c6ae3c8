import { connection } from 'next/server';
import { JudgeView } from '@/features/trials/judge/judge-view';
import { getJudgePage } from '@/server/queries/bench-judged';

export default async function JudgeRoute() {
  await connection();
  return <JudgeView {...await getJudgePage()} />;
}
