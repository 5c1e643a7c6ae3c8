import { redirect } from 'next/navigation';
import { RecoverForm } from '@/features/crew/recover-form';
import { wayIn } from '@/server/crew/way-in';

export default function RecoverRoute() {
  if (!wayIn().isOn) redirect('/');
  return <RecoverForm />;
}
