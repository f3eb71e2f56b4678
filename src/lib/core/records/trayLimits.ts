/** Most entries of a tray: as a whole it is saved in one piece. */
export const ITEMS_MAX = 1500;
/** How many deleted entries are remembered, so that another device does not bring them back. */
export const GONE_PARTS_MAX = 500;
