import { Refused } from '@/features/crew/refused';

export default function RefusedRoute() {
  return <Refused />;
}
