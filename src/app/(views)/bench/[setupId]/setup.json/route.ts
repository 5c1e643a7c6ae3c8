import { routeResponse } from '@/server/route-response';
import { getSetupFile } from '@/server/queries/setup-page';

/** The revision as a setup file with today's readings, as `./ferula compute setup` takes it. */
export async function GET(request: Request, { params }: { params: Promise<{ setupId: string }> }) {
  const { setupId } = await params;
  return routeResponse(async () => {
    const found = await getSetupFile(setupId, new URL(request.url).searchParams.get('revision') ?? undefined);
    if (!found) return Response.json({ code: 'not-found' }, { status: 404 });
    if (found.kind === 'broken') return Response.json({ code: 'broken', faults: found.faults }, { status: 409 });
    return Response.json(found.file, { headers: { 'content-disposition': `attachment; filename="setup.json"` } });
  });
}
