/** Said by a thread once it is ready to work; its tables are made by then. */
export const READY = 'ready';
