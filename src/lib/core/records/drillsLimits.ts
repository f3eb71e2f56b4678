/** Most rules that are kept to come back, and most answers that are remembered. */
export const CARDS_MAX = 400;
export const ANSWERS_MAX = 1000;

/** How sure a learner can say to be, as a share. */
export const SURE = [0.4, 0.65, 0.9] as const;
