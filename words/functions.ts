import { decimal } from '../core/decimal/decimal'
import { plainly } from '../core/decimal/plainly'

/** A value as MessageFormat takes it from a function. */
interface MessageValue {
  readonly type: string
  readonly dir: 'auto'
  toString(): string
  toParts(): { type: string; value: string }[]
  selectKey(keys: Set<string>): string | null
  valueOf(): unknown
}
interface Context {
  readonly locales: readonly Intl.Locale[] | readonly string[]
}
type Options = Readonly<Record<string, unknown>>

const valueOf = (
  type: string,
  text: string,
  selectKey: MessageValue['selectKey'] = () => null,
): MessageValue => ({
  type,
  dir: 'auto',
  toString: () => text,
  toParts: () => [{ type, value: text }],
  selectKey,
  valueOf: () => text,
})

/** A whole number in groups of three, by which a message can choose its text. */
function count({ locales }: Context, _: Options, operand?: unknown): MessageValue {
  const number = Number(operand)
  return valueOf('count', plainly(decimal(number)), (keys) => {
    const exact = String(number)
    if (keys.has(exact)) return exact
    const category = new Intl.PluralRules(String(locales[0])).select(number)
    return keys.has(category) ? category : null
  })
}

/**
 * Texts joined as in “a, b and c”. The option `quote=always` puts quotation marks around each,
 * `join=or` joins by “or”.
 */
function list({ locales }: Context, options: Options, operand?: unknown): MessageValue {
  const all = (Array.isArray(operand) ? operand : [operand]).map(String)
  const type = String(options.join) === 'or' ? 'disjunction' : 'conjunction'
  const quoted = String(options.quote) === 'always' ? all.map((text) => `“${text}”`) : all
  // British style: no comma before the last item.
  const locale = String(locales[0]) === 'en' ? 'en-GB' : String(locales[0])
  return valueOf('list', new Intl.ListFormat(locale, { type }).format(quoted))
}

/** The functions that messages of the catalogue can use besides those of the standard. */
export const functions = { count, list }
