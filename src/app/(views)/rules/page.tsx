import { connection } from 'next/server';
import { RulesView } from '@/features/rules/rules-view';
import { getRules, getTrialRules } from '@/server/queries/house';

export default async function RulesPage() {
  await connection();
  const [initial, trialRules] = await Promise.all([getRules(), getTrialRules()]);
  return <RulesView initial={initial} trialRules={trialRules} />;
}
