import { photoOf, takePhoto } from '@/server/trips/photos';

interface Named {
  readonly params: Promise<{ readonly photo: string }>;
}

export const GET = async (_: Request, { params }: Named) => photoOf((await params).photo);
export const PUT = async (request: Request, { params }: Named) => takePhoto(request, (await params).photo);
