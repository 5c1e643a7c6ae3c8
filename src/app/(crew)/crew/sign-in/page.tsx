import { redirect } from 'next/navigation';
import { SignInForm } from '@/features/crew/sign-in-form';
import { wayIn } from '@/server/crew/way-in';

export default function SignInRoute() {
  const { isOn, takesPasskeys } = wayIn();
  if (!isOn) redirect('/');
  return <SignInForm takesPasskeys={takesPasskeys} />;
}
