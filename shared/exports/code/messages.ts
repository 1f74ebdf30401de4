import { MessageFormat } from 'messageformat'
import { type Handed, handedOver } from '../../../core/text/handover'
import { onLine, scriptJson } from '../../escape'
import type { Packed } from './packed'
import { jsonText } from '../json'
import { madeBy, type Provenance, renewal } from '../provenance'
import type { AskedOf, CodeFile } from '../types'
import { columnsLookedAt } from '../told'
import type { Written } from '../written'

/** A headline or a sentence of a package. */
export interface PackedMessage {
  /** What it is called, and the module that writes its numbers: `revenue/headline`. */
  readonly path: string
  readonly locale: string
  readonly handed: Handed
  /** What the page says. */
  readonly text: string
}

/** The numbers that are labelled in a message, in the order of its variables. */
const numbersIn = ({ handed }: Pick<PackedMessage, 'handed'>) =>
  Object.values(handed.values).filter((value) => typeof value === 'object')

/** Values in the units of their rows, with those cells beside them that labels look at. */
function withCells(values: Handed['values'], written: Written): Handed['values'] {
  const columns = columnsLookedAt(written)
  return Object.fromEntries(
    Object.entries(values).map(([name, value]) => {
      if (typeof value !== 'object' || !value.row) return [name, value]
      const cells = Object.entries(value.row).filter(([column]) => columns.includes(column))
      const own = String(written.inRow(value.value, value.row))
      return [name, { value: own, ...(cells.length > 0 ? { row: Object.fromEntries(cells) } : {}) }]
    }),
  )
}

/** The messages of a package; and the paths of those that cannot be said by themselves. */
export function messagesOf(packed: readonly Packed[]): {
  readonly messages: readonly PackedMessage[]
  readonly unsaid: readonly string[]
} {
  const messages: PackedMessage[] = []
  const unsaid: string[] = []
  for (const { path, written } of packed) {
    const { message, style, writer } = written
    if (!message) continue
    const handed = handedOver(message.source, message.prose)
    const made = handed && {
      ...{ path, locale: style.locale, text: message.text },
      handed: { ...handed, values: withCells(handed.values, written) },
    }
    const labels = made && numbersIn(made).map(({ value, row }) => writer.label(value, row))
    // A count that the house writes otherwise than the region does is one such.
    if (made && saidWith(made, labels!) === made.text) messages.push(made)
    else unsaid.push(path)
  }
  return { messages, unsaid }
}

/** What a package is asked for, to prove a message. */
export function askedOf(message: PackedMessage): AskedOf {
  const numbers = numbersIn(message)
  return {
    file: `${message.path}.mjs`,
    values: numbers.map(({ value }) => value),
    rows: numbers.map(({ row }) => row ?? {}),
    areAlone: true,
  }
}

/**
 * What a message says by the standard's own functions, and by labels.
 *
 * @param labels of `numbersIn`
 * @throws Error where it cannot be formatted
 */
export function saidWith({ handed, locale }: PackedMessage, labels: readonly string[]): string {
  const numbers = numbersIn({ handed })
  const label = (_context: unknown, _options: unknown, operand: unknown) => {
    const text = labels[numbers.indexOf(operand as never)]!
    return { type: 'label', toString: () => text, selectKey: () => null }
  }
  const format = new MessageFormat(locale, handed.message, {
    bidiIsolation: 'none',
    functions: { label } as never,
  })
  return format.format(handed.values, (error) => {
    throw error
  })
}

const byPath = (
  messages: readonly PackedMessage[],
  of: (message: PackedMessage) => unknown,
): string => scriptJson(Object.fromEntries(messages.map((message) => [message.path, of(message)])))

/** A module of messages: their texts and values, and the function that writes their numbers. */
const messagesModule = (messages: readonly PackedMessage[]): string =>
  [
    ...messages.map(({ path }, at) => `import { label as label${at} } from './${path}.mjs';`),
    `export const locales = ${byPath(messages, ({ locale }) => locale)};`,
    `export const messages = ${byPath(messages, ({ handed }) => handed.message)};`,
    `export const values = ${byPath(messages, ({ handed }) => handed.values)};`,
    `const labels = { ${messages.map(({ path }, at) => `${scriptJson(path)}: label${at}`).join(', ')} };`,
    `export const functionsFor = (name) => ({
  label: (_context, _options, operand) => {
    const isGiven = typeof operand === 'object' && operand !== null && 'value' in operand;
    const text = isGiven ? labels[name](operand.value, operand.row) : labels[name](operand);
    return {
      type: 'label',
      toString: () => text,
      toParts: () => [{ type: 'label', value: text }],
      selectKey: () => null,
      valueOf: () => operand,
    };
  },
});
`,
  ].join('\n')

/** Its types. */
const messagesTypes = (messages: readonly PackedMessage[]): string =>
  `export type Name = ${messages.map(({ path }) => scriptJson(path)).join(' | ')}
/** A number of the message's column, with the cells that its label looks at. */
export interface LabelledNumber {
  readonly value: string
  readonly row?: object
}
/** The region of each message. */
export declare const locales: Readonly<Record<Name, string>>
/** Each message in Unicode MessageFormat 2. */
export declare const messages: Readonly<Record<Name, string>>
/** What the variables of each message stand for in the study. */
export declare const values: Readonly<
  Record<Name, Readonly<Record<string, LabelledNumber | number | string>>>
>
/** The function \`:label\` of a message, which writes its numbers as the study does. */
export declare function functionsFor(name: Name): {
  label(context: any, options: any, operand?: unknown): any
}
`
/** Headlines and sentences as a module, and as data for programs in other languages. */
export function messageFiles(messages: readonly PackedMessage[], from: Provenance): CodeFile[] {
  if (messages.length === 0) return []
  const says = `${madeBy(from)} Again: ${renewal(from, 'package')}`
  const header = `// Headlines and sentences in Unicode MessageFormat 2.\n// ${onLine(says)}\n`
  const data = messages.map(({ path, locale, handed, text }) => [
    path,
    { locale, ...handed, says: text },
  ])
  return [
    { name: 'messages.mjs', text: header + messagesModule(messages) },
    { name: 'messages.d.mts', text: header + messagesTypes(messages) },
    { name: 'messages.json', text: jsonText({ says, messages: Object.fromEntries(data) }) },
  ]
}
