/** Once, when the server starts: the instruments are read from then on, whether a page is open or not. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs' || !process.env['DATABASE_URL']) return;
  const { liveHub } = await import('@/server/live/live-hub');
  await liveHub();
}
