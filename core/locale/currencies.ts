import currencies from './generated/currencies.json'

const decimals: Readonly<Record<string, number>> = currencies

/** Whether a text is the code of a currency (ISO 4217). @example isCurrency('EUR') // true */
export const isCurrency = (code: string): boolean => Object.hasOwn(decimals, code)

/**
 * How many decimals a currency is written with; null for what is none.
 *
 * Source: CLDR, supplemental currencyData, `fractions`.
 *
 * @example currencyDecimals('JPY') // 0
 */
export const currencyDecimals = (code: string): number | null =>
  isCurrency(code) ? decimals[code]! : null
