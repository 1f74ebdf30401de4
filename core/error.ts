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
