const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const SUPERSCRIPT_MINUS = '⁻'

/** An exponent as raised digits. @example superscript(-7) // '⁻⁷' */
export function superscript(n: number): string {
  const raised = String(Math.abs(n)).replace(/\d/g, (digit) => SUPERSCRIPTS[Number(digit)]!)
  return (n < 0 ? SUPERSCRIPT_MINUS : '') + raised
}

/**
 * A raised number as it stands in a label: the inverse of `superscript`.
 * @example fromSuperscript('⁻⁷') // -7
 */
export const fromSuperscript = (raised: string): number =>
  Number(
    raised
      .replace(SUPERSCRIPT_MINUS, '-')
      .replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (digit) => String(SUPERSCRIPTS.indexOf(digit))),
  )
