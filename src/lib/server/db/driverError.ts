import * as z from 'zod/mini';

const schema = z.object({
	original: z.object({ errno: z.catch(z.number(), 0), code: z.catch(z.string(), '') })
});

/** What the database's driver says of an error; 0 and nothing where it says nothing. */
export function driverError(error: unknown): { readonly errno: number; readonly code: string } {
	return schema.safeParse(error).data?.original ?? { errno: 0, code: '' };
}
