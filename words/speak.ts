import { MessageFormat } from 'messageformat'
import { functions } from './functions'
import { type Language, languageInUse } from './language'

export type Param = string | number | readonly (string | number)[]
export type Params = Readonly<Record<string, Param>>

/** The name at the beginning of `name}…` or `name :function}…`. */
type Name<Rest extends string> = Rest extends `${infer Inside}}${string}`
  ? Inside extends `${infer Before} ${string}`
    ? Before
    : Inside
  : never
/** The names of all parameters of a message. */
type Names<Message extends string> = Message extends `${string}{$${infer Rest}`
  ? Name<Rest> | Names<Rest>
  : never
/** What a parameter takes: several texts only where the message joins them. */
type ParamOf<
  Message extends string,
  Param extends string,
> = Message extends `${string}{$${Param} :list${string}`
  ? string | readonly (string | number)[]
  : string | number
/** A message of the catalogue as code uses it: a text, or a function if it has parameters. */
export type Spoken<Message> = Message extends string
  ? [Names<Message>] extends [never]
    ? string
    : (params: { readonly [Name in Names<Message>]: ParamOf<Message, Name> }) => string
  : { readonly [Id in keyof Message]: Spoken<Message[Id]> }

/** Nested messages by their ids. */
export interface Messages {
  readonly [id: string]: string | Messages
}

/** Numbers as texts, since MessageFormat would put groups into years; `:count` groups counts. */
const texts = (params: Params): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(params).map(([name, value]) => [
      name,
      typeof value === 'number' ? String(value) : value,
    ]),
  )

/** Whether a message is its own text: it has nothing that MessageFormat reads otherwise. */
const isPlain = (source: string): boolean => !/[{}\\]|^\s*\./.test(source)

function spokenMessage(source: string, { locale, decorate }: Language) {
  if (isPlain(source)) return decorate(source)
  let made: MessageFormat<string> | undefined
  const say = (params: Params) => {
    made ??= new MessageFormat(locale, source, { bidiIsolation: 'none', functions } as never)
    return decorate(made.format(texts(params)))
  }
  return source.includes('{$') ? say : say({})
}

/**
 * Returns the messages of a catalogue as texts and functions, under the same ids.
 *
 * @param messages in Unicode MessageFormat 2 (Unicode Technical Standard 35, part 9)
 * @param language in which plurals are chosen and lists are joined
 * @example speak({ hide: 'Hide {$name}' }).hide({ name: 'Site' }) // 'Hide Site'
 */
export const speak = <const Some extends Messages>(
  messages: Some,
  language = languageInUse(),
): Spoken<Some> =>
  Object.fromEntries(
    Object.entries(messages).map(([id, one]) => [
      id,
      typeof one === 'string' ? spokenMessage(one, language) : speak(one, language),
    ]),
  ) as Spoken<Some>

/**
 * Returns a message that has one text for 1 and another for every other count. Languages with more
 * forms write out the message instead.
 *
 * @example plural('count', '1 row', '{$count} rows')
 */
export const plural = <
  const Count extends string,
  const One extends string,
  const Several extends string,
>(
  count: Count,
  one: One,
  several: Several,
) => `.input {$${count} :count}\n.match $${count}\none {{${one}}}\n* {{${several}}}` as const
