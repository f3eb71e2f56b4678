import pino from 'pino';

/** Structured log, one JSON object a line. Never hand it a cookie, a token or a reading's text. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: { service: 'lucernal' } });
