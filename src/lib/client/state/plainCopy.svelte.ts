/** A copy of a value without what makes it reactive, as a worker or the outbox takes it. */
export const plainCopy = <T>(value: T): T => $state.snapshot(value) as T;
