/** A copy of a value without what makes it reactive, as a worker or the outbox takes it. */
export const plain = <T>(value: T): T => $state.snapshot(value) as T;
