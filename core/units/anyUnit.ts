/** What stands for a unit until its row is known: the code of ISO 4217 for no currency. */
export const ANY_UNIT = 'XXX'
