import { takeShown } from '@/server/guest/take';

export const POST = async (request: Request, { params }: { readonly params: Promise<{ readonly secret: string }> }) =>
  takeShown(request, (await params).secret);
