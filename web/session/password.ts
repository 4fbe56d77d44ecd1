/** As the server has it (SetsPassword). */
export const LEAST_LETTERS = 10;

/** What is said where a password is too short. */
export const passwordWords = `At least ${LEAST_LETTERS} characters: long is better than odd.`;
