import { compare, magnitudeOf, subtract } from '~~/core/decimal/arithmetic'
import type { Decimal } from '~~/core/decimal/decimal'
import { briefly } from '~~/core/decimal/plainly'
import { isInterval, readBack, type ReadNumber } from '~~/core/label/readback'
import type { Plan } from '~~/core/label/types'
import { words as catalogue } from '~~/words'

const words = catalogue.page.reading

const boundText = (bound: Decimal | null) => (bound ? briefly(bound) : '∞')
function saidText(said: ReadNumber): string {
  if (typeof said !== 'object') return said < 0 ? '−∞' : '∞'
  return isInterval(said)
    ? words.range({ from: boundText(said.from), to: boundText(said.to) })
    : briefly(said)
}

/** What a reader takes a label for, and how far that is from the value. */
export interface LabelReading {
  readonly reads: string
  /** Empty where the label says just the value, or no number. */
  readonly off: string
}

/**
 * Reads a label in words.
 *
 * @param value that it stands for; null where there is none
 * @example readingOf('€2M', decimal(1_900_000), plan) // reads '2,000,000', off '100,000'
 */
export function readingOf(label: string, value: Decimal | null, plan: Plan): LabelReading {
  const { value: said, candidates, missing } = readBack(label, plan)
  if (missing) return { reads: 'nothing', off: '' }
  if (said === null)
    return {
      reads: candidates.length > 0 ? candidates.map(saidText).join(' or ') : words.noNumber,
      off: '',
    }
  const isOff =
    typeof said === 'object' && !isInterval(said) && value !== null && compare(said, value) !== 0
  return { reads: saidText(said), off: isOff ? briefly(magnitudeOf(subtract(said, value))) : '' }
}
