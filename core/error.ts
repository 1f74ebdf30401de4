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

/**
 * What is made of a style where that can be resolved; null where it cannot, as where a unit is to
 * be said once of rungs that differ. For styles that nobody has asked for: a change that is tried,
 * the style of another surface beside numbers that are not its own.
 *
 * @throws what `make` throws besides StyleError
 * @example whereResolved(() => resolve({ rung: 4, notation: 'scaled' })) // null: no rung stands at 10⁴
 */
export function whereResolved<Made>(make: () => Made): Made | null {
  try {
    return make()
  } catch (error) {
    if (error instanceof StyleError) return null
    throw error
  }
}
