/** Scores in the tables are thousandths of a point times this, less the plainness of the rig: ties go to the simpler. */
export const TIE = 4096;
