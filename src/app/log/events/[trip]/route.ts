import { tripEvents } from '@/server/trips/routes';

export const GET = async (_: Request, { params }: { readonly params: Promise<{ readonly trip: string }> }) =>
  tripEvents((await params).trip);
