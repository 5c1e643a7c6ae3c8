import { connection } from 'next/server';
import { getBenchName } from '@/server/queries/bench-name';

/** Up means: the application answers and its database does. */
export async function GET() {
  await connection();
  try {
    await getBenchName();
    return Response.json({ status: 'up' });
  } catch {
    return Response.json({ status: 'database-away' }, { status: 503 });
  }
}
