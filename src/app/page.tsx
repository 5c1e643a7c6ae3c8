import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { homeOf } from '@/domain/crew/roles';
import { frameIfUp } from '@/server/queries/frame';

export default async function Home() {
  await connection();
  redirect(homeOf((await frameIfUp())?.role ?? 'owner'));
}
