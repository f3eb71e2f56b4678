/** Lets a worker hear what it is asked meanwhile. */
export const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
