import { notFound } from 'next/navigation';
import { StepsView } from '@/features/tying/steps-view';
import { getTyingPage } from '@/server/queries/tying-page';

interface StepsRouteProps {
  readonly params: Promise<{ readonly setupId: string }>;
}

export default async function StepsRoute({ params }: StepsRouteProps) {
  const { setupId } = await params;
  const { setups } = await getTyingPage();
  const setup = setups.find(({ id }) => id === setupId || encodeURIComponent(id) === setupId);
  if (!setup) notFound();
  return <StepsView setup={setup} />;
}
