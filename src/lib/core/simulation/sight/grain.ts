/** Two distances are level while they differ by less than this share: the model is no finer (assumed). */
export const LEVEL = 0.15;
/** Where nothing is seen farther than this, m, a lure's length or two more decides nothing (assumed). */
export const NEAR_M = 0.4;
