import { redirect } from 'next/navigation';
import { JoinForm } from '@/features/crew/join-form';
import { findInvitation, wayIn } from '@/server/crew/way-in';

export default async function JoinRoute({ params }: { readonly params: Promise<{ readonly secret: string }> }) {
  if (!wayIn().isOn) redirect('/');
  const { secret } = await params;
  return <JoinForm secret={secret} {...await findInvitation(secret)} />;
}
