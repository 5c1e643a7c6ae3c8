import { connection } from 'next/server';
import { RulesView } from '@/features/rules/rules-view';
import { getRules } from '@/server/queries/house';

export default async function RulesPage() {
  await connection();
  return <RulesView initial={await getRules()} />;
}
