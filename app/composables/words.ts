/** What a sentence of the app takes in: texts and counts that are worked out elsewhere. */
export type Told = string | number
