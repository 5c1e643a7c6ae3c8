import { NextResponse, type NextRequest } from 'next/server';
import { findByShortCode } from '@/server/queries/setup-list';

/** A code from a card, typed by hand: opens its setup, or the list where there is none. */
export async function GET(_: NextRequest, { params }: { params: Promise<{ code: string }> }): Promise<NextResponse> {
  const { code } = await params;
  const found = await findByShortCode(code).catch(() => null);
  return new NextResponse(null, {
    status: 307,
    headers: { Location: found ? `/bench/${encodeURIComponent(found)}` : '/bench' },
  });
}
