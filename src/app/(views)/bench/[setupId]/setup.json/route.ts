import { getSetupFile } from '@/server/queries/setup-page';

/** The revision as a setup file with today's readings, as `./ferula compute setup` takes it. */
export async function GET(request: Request, { params }: { params: Promise<{ setupId: string }> }) {
  const { setupId } = await params;
  const file = await getSetupFile(setupId, new URL(request.url).searchParams.get('revision') ?? undefined);
  if (!file) return Response.json({ code: 'not-found' }, { status: 404 });
  return Response.json(file, { headers: { 'content-disposition': `attachment; filename="setup.json"` } });
}
