/** Said wherever the records are out of reach. */
export const RECORDS_DOWN_SHORT =
	'The records cannot be reached just now. Reading and calls go on; what you enter is kept on this device.';
