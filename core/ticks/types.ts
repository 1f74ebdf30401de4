import type { Decimal } from '../decimal/decimal'

export interface Tick {
  readonly value: Decimal
  /** How often the constant is taken, on an axis of multiples: "2/3". */
  readonly factor?: string
}
export interface Ticks {
  /**
   * The step between ticks, as decimal text or as a fraction of the constant; null where it is not
   * even.
   */
  readonly step: string | null
  readonly ticks: readonly Tick[]
  /** Smaller ticks between them, without labels. */
  readonly minor: readonly Decimal[]
}
