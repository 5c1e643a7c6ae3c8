/** Once, when the server starts: the instruments are read from then on, whether a page is open or not. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs' || !process.env['DATABASE_URL']) return;
  await (await import('@/server/start')).start();
}
