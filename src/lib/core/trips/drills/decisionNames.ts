/** What a learner decides, in this order. */
export const DECISIONS = ['family', 'blades', 'weight', 'colour', 'pace'] as const;
export type Decision = (typeof DECISIONS)[number];
