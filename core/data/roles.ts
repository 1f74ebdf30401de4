/**
 * What a column is. Years and codes are names that are made of digits; dates and texts are none.
 */
export const ROLES = ['number', 'ratio', 'date', 'year', 'code', 'text'] as const
export type Role = (typeof ROLES)[number]

/**
 * Whether a column of a role holds numbers to reckon with.
 *
 * @example isNumeric('year') // false
 */
export const isNumeric = (role: Role): boolean => role === 'number' || role === 'ratio'
