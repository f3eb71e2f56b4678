/** Said wherever the records are out of reach. */
export const RECORDS_DOWN_SHORT = 'No connection to your records. Entries stay on this device.';
