/** Leading digits of numbers that are tried beyond the study's values. */
const TRIED = ['1', '99999999', '123456789', '25']

/**
 * Numbers beyond those of a study, of either sign: some of each power of ten.
 *
 * @param powers from the one to the other
 * @returns decimal text
 * @example beyond([0, 0]).slice(0, 2) // ['1e0', '-1e0']
 */
export const beyond = ([least, most]: readonly [number, number]): string[] =>
  Array.from({ length: most - least + 1 }, (_, at) =>
    TRIED.flatMap((digits) => {
      const size = `${digits}e${least + at - digits.length + 1}`
      return [size, `-${size}`]
    }),
  ).flat()
