import { terminalLine } from '../shared/escape'

/** Characters of a message: what it quotes may be of any length. */
const MOST_SAID = 1000

/**
 * A message as the one line that the command says on standard error.
 *
 * @example oneLine('no such\n file') // 'ivory-abacus: no such file\n'
 */
export const oneLine = (message: string): string =>
  `ivory-abacus: ${terminalLine(message.replace(/\s+/g, ' ').trim().slice(0, MOST_SAID))}\n`
