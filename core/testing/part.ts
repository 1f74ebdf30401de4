/** Whether all is tried that can be: `npm run test:exhaustive`. */
export const isExhaustive = process.env.IVORY_ABACUS_TESTS === 'exhaustive'

/**
 * How many cases are tried: all of them, or so many that an error in any of the rules still shows.
 * Seeds are fixed where it matters which.
 */
export const part = (some: number, all: number): number => (isExhaustive ? all : some)
