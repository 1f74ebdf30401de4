import { ladders } from '../ladders'
import { StyleError } from '../style/error'
import { type Contribution, type Notation, UNITS } from './types'

/** Powers above the last rung's from which labels leave the ladder: a million of it. */
const BEYOND = 6

/** In units of a rung, named by its symbol. */
export const scaled: Notation = {
  id: 'scaled',
  title: 'shortened by a rung',
  contribute(style, shared) {
    const ladder = ladders[style.ladder]
    const rungs = [UNITS, ...ladder.rungs.map(({ power, symbol }) => ({ power, text: symbol, gap: '' }))]
    const lastPower = rungs[rungs.length - 1]!.power + BEYOND
    const own: Contribution = { rungs, fixedRung: null, lastPower, exponent: null }
    if (style.rung === 'each') return own
    if (style.rung === 'shared') return { ...own, fixedRung: shared.rung(own) }
    const fixedRung = rungs.findIndex((rung) => rung.power === style.rung)
    if (fixedRung < 0) {
      throw new StyleError('rung', style.rung, `it takes each, shared or a power on the ladder ${ladder.id}: ${rungs.map((rung) => rung.power).join(', ')}`)
    }
    return { ...own, fixedRung }
  },
}
