/** Said wherever the records are out of reach. */
export const RECORDS_DOWN_SHORT = 'No connection. Your changes stay on this device.';
