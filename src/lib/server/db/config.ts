import * as z from 'zod/mini';

const environment = z.object({
	DATABASE_URL: z.url({ protocol: /^(mariadb|mysql)$/ }),
	LOG_LEVEL: z._default(z.enum(['fatal', 'error', 'warn', 'info', 'debug', 'trace', 'silent']), 'info'),
	/** Set where the application is served over TLS; then the session cookie travels over TLS only. */
	SECURE_COOKIES: z._default(z.stringbool(), false)
});

export type Config = z.output<typeof environment>;
let read: Config | null = null;

/**
 * Settings from the environment, read once.
 *
 * @throws {z.core.$ZodError} When DATABASE_URL is missing or not a MariaDB address.
 */
export function config(): Config {
	read ??= environment.parse(process.env);
	return read;
}
