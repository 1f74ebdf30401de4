import { ladderOf } from '../ladders/find'
import { superscript } from '../label/write'
import type { Rung } from '../label/types'
import type { Ladder, LadderRung } from '../ladders/types'
import { StyleError } from '../style/error'
import type { FullStyle } from '../style/schemas'
import { DIGITS, type Notation, UNITS } from './types'

/** The power of ten of the last rung's number from which labels leave the ladder. */
const BEYOND = 6

/** How a rung is written in each form, and the gap before it where none is set. */
const forms: Record<FullStyle['rungForm'], { text(rung: LadderRung, ladder: Ladder): string; gap: string }> = {
  symbol: { text: ({ symbol }) => symbol, gap: '' },
  word: { text: ({ word }) => word, gap: ' ' },
  symbolExponent: { text: ({ symbol, power }, { base }) => `${symbol}\u00a0(${base}${superscript(power)})`, gap: ' ' },
}

/** The rungs that a style's labels can stand on, the units among them. */
function rungsOf(style: FullStyle, ladder: Ladder): Rung[] {
  const { text, gap } = forms[style.rungForm]
  const written = ladder.rungs.map((rung): Rung => ({
    from: rung.power, power: rung.power, base: ladder.base, text: text(rung, ladder), gap: (style.rungGap ?? gap).replaceAll(' ', '\u00a0'),
  }))
  const units = { ...UNITS, base: ladder.base }
  return [...written.filter(({ power }) => power < 0), units, ...written.filter(({ power }) => power > 0)]
}

/** In units of a rung, named by its symbol or its word. */
export const scaled: Notation = {
  id: 'scaled',
  title: 'shortened by a rung',
  contribute(style, shared) {
    const ladder = ladderOf(style.ladder)
    const all = rungsOf(style, ladder)
    if (typeof style.rung === 'number') {
      const fixedRung = all.findIndex((rung) => rung.power === style.rung)
      if (fixedRung < 0) {
        throw new StyleError('rung', style.rung, `it takes each, shared or a power on the ladder ${ladder.id}: ${all.map((rung) => rung.power).join(', ')}`)
      }
      return { ...DIGITS, rungs: all, fixedRung, beyond: BEYOND }
    }
    const least = style.rungFrom ?? -Infinity
    const rungs = all.filter(({ power }) => power <= 0 || power >= least)
    const own = { ...DIGITS, rungs, fixedRung: null, beyond: BEYOND }
    return style.rung === 'each' ? own : { ...own, fixedRung: shared.rung(own) }
  },
}
