export const dynamic = 'force-dynamic';

/** The process answers; whether the database does, /ready says. */
export const GET = () => Response.json({ status: 'up' });
