/** So many of something: "1 cast", "3 casts". */
export const counted = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`;
