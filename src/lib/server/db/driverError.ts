import * as z from 'zod/mini';

const schema = z.object({
	original: z.object({ errno: z.optional(z.number()), code: z.optional(z.string()) })
});

/** What the database's driver says of an error; 0 and nothing where it says nothing. */
export function driverError(error: unknown): { readonly errno: number; readonly code: string } {
	const { errno = 0, code = '' } = schema.safeParse(error).data?.original ?? {};
	return { errno, code };
}
