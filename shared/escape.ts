/** A character as JSON and JavaScript write it by its code. */
const byCode = (one: string): string => `\\u${one.charCodeAt(0).toString(16).padStart(4, '0')}`

/** Text that a page would take for the end of a script, or an old engine for the end of a line. */
const OUT_OF_SCRIPT = /[<\u2028\u2029]/g
/**
 * JSON that can stand in a script, also inline in a page: nothing in it ends that.
 *
 * @example scriptJson('</script>') // '"\\u003c/script>"'
 */
export const scriptJson = (value: unknown): string =>
  JSON.stringify(value).replace(OUT_OF_SCRIPT, byCode)

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
}
/** What XML 1.0 has no place for, not even by its number. */
const OUT_OF_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g
/**
 * A text as it stands in HTML and XML, also between the quotes of an attribute.
 *
 * @example escapeMarkup('a < "b"') // 'a &lt; &quot;b&quot;'
 */
export const escapeMarkup = (text: string): string =>
  text.replace(OUT_OF_XML, '\ufffd').replace(/[&<>"]/g, (one) => ENTITIES[one]!)
/** The text that was escaped. @example unescapeMarkup('a &lt; b') // 'a < b' */
export const unescapeMarkup = (text: string): string =>
  Object.entries(ENTITIES).reduceRight((done, [one, entity]) => done.replaceAll(entity, one), text)

/**
 * A text on one line, whatever it holds.
 *
 * @example onLine('a\nb') // 'a b'
 */
export const onLine = (text: string): string => text.replace(/[\r\n\u2028\u2029]+/g, ' ')

/** Characters that move a cursor, colour a terminal or end a line. */
const CONTROLS = /[\u0000-\u001f\u007f-\u009f\u2028\u2029]/g
/** Lines that some runners take for commands. */
const COMMAND = /^\s*(?:::|##)/
/**
 * A text as one line of a terminal or a log, in which nothing is a command.
 *
 * @example terminalLine('a\u001b[31m') // 'a\\u001b[31m'
 */
export function terminalLine(text: string): string {
  const line = text.replace(CONTROLS, byCode)
  return COMMAND.test(line) ? `· ${line}` : line
}

/** What a spreadsheet runs, whatever follows. */
const FORMULA = /^[=@\t\r\n]/
/**
 * A number with its sign and what a label has around it: a currency, a rung, a unit, an error. What
 * could reckon, call or refer (2+3, cmd|x, A1) is none of it.
 */
const SIGNED_LABEL =
  /^[+-]\s?(?:\p{Sc}|\p{L}{1,3}\p{Sc}|\p{L}{1,4}\.?\s)?\s?(?:∞|[.,]?\p{Nd})(?:[\p{Nd}\p{L}\p{M}\p{Sc}.,'’٬٫\s%‰٪°′″²³¹⁰⁴-⁹⁻×·⋅−–±…π]|\/(?=\p{L})|\(\p{Nd}+\)|(?<=\p{Nd}[eE]|…\s?)[+-](?=[\p{Nd}\p{Sc}]))*$/u
/**
 * Whether a spreadsheet would take a cell for a formula. Labels of negative numbers are none.
 *
 * @example isFormula('=A1') // true; of '-€0.50' false
 */
export const isFormula = (cell: string): boolean =>
  FORMULA.test(cell) || (/^[+-]/.test(cell) && !SIGNED_LABEL.test(cell))
/**
 * A cell that no spreadsheet takes for a formula: an apostrophe stands before what one would.
 *
 * @example safeCell('=1+1') // "'=1+1"; of '-5' '-5'
 */
export const safeCell = (cell: string): string => (isFormula(cell) ? `'${cell}` : cell)
