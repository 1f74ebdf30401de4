/** A style that cannot be: names the field, the value and what is allowed. */
export class StyleError extends Error {
  override name = 'StyleError'

  /**
   * @param field path of the field, such as `unit.code`
   * @param value what stands there
   * @param allowed a clause that says what may stand there
   */
  constructor(
    readonly field: string,
    readonly value: unknown,
    readonly allowed: string,
  ) {
    super(`style.${field}: ${JSON.stringify(value) ?? 'nothing'} is not allowed; ${allowed}`)
  }
}

/** A set of ticks that cannot be: says what to change. */
export class TickError extends Error {
  override name = 'TickError'
}

/**
 * What is made of a style and of ticks, or of the reason why it cannot be.
 *
 * @param otherwise told why, as a clause or a sentence
 * @throws what `make` throws besides StyleError and TickError
 */
export function resolvedOr<Made, Other>(
  make: () => Made,
  otherwise: (why: string) => Other,
): Made | Other {
  try {
    return make()
  } catch (error) {
    if (error instanceof StyleError) return otherwise(error.allowed)
    if (error instanceof TickError) return otherwise(error.message)
    throw error
  }
}

/**
 * What is made of a style where that can be resolved, and of ticks where there are not too many;
 * null where it cannot, as where a unit is to be said once of rungs that differ. For styles that nobody has asked for: a change that is tried,
 * the style of another surface beside numbers that are not its own.
 *
 * @throws what `make` throws besides StyleError and TickError
 * @example whereResolved(() => resolve({ rung: 4, notation: 'scaled' })) // null: no rung stands at 10⁴
 */
export const whereResolved = <Made>(make: () => Made): Made | null => resolvedOr(make, () => null)
