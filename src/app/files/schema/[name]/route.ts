import { fileSchema } from '@/server/exchange/files';

/** JSON Schema of a file format: `/files/schema/bench`, `/files/schema/setup`. */
export async function GET(_: Request, { params }: { params: Promise<{ name: string }> }) {
  return fileSchema((await params).name) ?? Response.json({ code: 'not-found' }, { status: 404 });
}
