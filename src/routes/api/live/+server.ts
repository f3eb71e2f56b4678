/** Open to all: whether the server itself answers, whatever its database does. */
export const GET = (): Response => Response.json({ status: 'ok' });
