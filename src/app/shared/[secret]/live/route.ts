import { guestLine } from '@/server/guest/guest-line';

export const dynamic = 'force-dynamic';
export const GET = async (request: Request, { params }: { readonly params: Promise<{ readonly secret: string }> }) =>
  guestLine(request, (await params).secret);
