/** Characters of a text and of each of its lines that are told: a stack may quote a whole program. */
const [MOST, MOST_OF_LINE] = [4000, 400]

const cut = (text: string, most: number): string =>
  text.length > most ? `${text.slice(0, most)}…` : text

/**
 * A text as it is told to people and logs: long lines are cut, and so is the whole.
 *
 * @example shortened('x'.repeat(500)).length // 401
 */
export const shortened = (text: string): string =>
  cut(
    // What comes behind the first characters is never looked at: there may be megabytes of it.
    text
      .slice(0, 10 * MOST)
      .split('\n')
      .map((line) => cut(line, MOST_OF_LINE))
      .join('\n'),
    MOST,
  )
