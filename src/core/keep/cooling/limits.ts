/**
 * The two-step limits of cooling: from 57 to 21 °C within 2 h, and to 5 °C within 6 h in all (FDA Food Code 2022,
 * 3-501.14, from memory; the local code decides).
 */
export const limits = { from: 57, first: 21, firstH: 2, last: 5, lastH: 6 } as const;
