/** Lets a worker receive the messages that have arrived meanwhile. */
export const yieldToEventLoop = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
