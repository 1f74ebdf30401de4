import { MessageFormat, type Model, parseMessage, stringifyMessage } from 'messageformat'
import { type Decimal, toText } from '../decimal/decimal'
import type { Row } from '../label/types'
import { Exact, functionsOf, type Saying } from './functions'
import type { Prose } from './prose'

/** A number of the message's own column, with the cells beside it where its label looks at some. */
export interface HandedNumber {
  readonly value: string
  readonly row?: Row
}
/** A message that says by itself what the study says in it. */
export interface Handed {
  /** In Unicode MessageFormat 2; `:label` writes a number of the study’s column. */
  readonly message: string
  /** What its variables stand for: numbers of the column, counts, and texts. */
  readonly values: Readonly<Record<string, HandedNumber | number | string>>
}

type Expression = Model.Expression
type Pattern = Model.Pattern
interface Said {
  readonly text: string
  readonly numbers: readonly { readonly value: Decimal; readonly row: Row }[]
  readonly count: string | null
}

/** What the study says in one expression of a message. @throws Error where it says nothing */
function saidBy(expression: Expression, declarations: Model.Declaration[], prose: Prose): Said {
  const now: Saying = { prose, numbers: [], rows: [] }
  const model: Model.Message = { type: 'message', declarations, pattern: [expression] }
  const format = new MessageFormat(prose.locale, model, {
    bidiIsolation: 'none',
    functions: functionsOf(now) as never,
  })
  const variables = Object.fromEntries(
    Object.entries(prose.variables).map(([name, value]) => [
      name,
      typeof value === 'string' ? value : new Exact(value, prose.beside?.[name]),
    ]),
  )
  const parts = format.formatToParts(variables, (error) => {
    throw error
  }) as { value?: string; count?: string }[]
  return {
    text: parts.map(({ value }) => value ?? '').join(''),
    numbers: now.numbers.map((value, at) => ({ value, row: now.rows[at] ?? {} })),
    count: parts[0]?.count ?? null,
  }
}

/** Names of variables, each for one thing. */
function naming() {
  const values: Record<string, HandedNumber | number | string> = {}
  return {
    values,
    /** The name of a value: the wanted one, or the next that is free. */
    nameOf(wanted: string, value: HandedNumber | number | string): string {
      const plain = wanted.replace(/[^A-Za-z0-9_]+/g, '_').replace(/^(?=\d|_|$)/, 'n')
      for (let at = 1; ; at++) {
        const name = at === 1 ? plain : `${plain}${at}`
        const held = values[name]
        if (held !== undefined && JSON.stringify(held) !== JSON.stringify(value)) continue
        values[name] = value
        return name
      }
    },
  }
}

/** What an expression is called after: its own variable, or what it says of which column. */
function calledAfter({ arg, functionRef }: Expression): string {
  if (arg?.type === 'variable') return arg.name
  return [functionRef?.name, arg?.value].filter(Boolean).join('_')
}
const variable = (name: string, by?: string): Expression => ({
  type: 'expression',
  arg: { type: 'variable', name },
  ...(by ? { functionRef: { type: 'function', name: by } } : {}),
})

/**
 * A message as somebody else can format it: what the study says in it stands in variables, and
 * numbers of its column are written by `:label`, counts by the standard's own `:integer`.
 *
 * @param source in Unicode MessageFormat 2 (Unicode Technical Standard 35, part 9)
 * @returns null for a message that is broken, or says something that there is not
 * @example handedOver('{$largestName} leads with {$largest}', prose)
 *   // { message: '{$largestName} leads with {$largest :label}', values: { largestName: 'Holm', … } }
 */
export function handedOver(source: string, prose: Prose): Handed | null {
  try {
    return handed(parseMessage(source), prose)
  } catch {
    return null
  }
}

function handed(model: Model.Message, prose: Prose): Handed {
  const { values, nameOf } = naming()
  const declared = new Set(model.declarations.map(({ name }) => name))
  const given = model.declarations
  const numberOf = (value: Decimal, row: Row): HandedNumber => ({
    value: toText(value),
    ...(Object.keys(row).length > 0 ? { row } : {}),
  })
  /** What stands in the place of an expression. */
  const replaced = (expression: Expression, before = given): Pattern => {
    const { arg, functionRef } = expression
    const isDeclared = arg?.type === 'variable' && declared.has(arg.name)
    if (!functionRef && (arg?.type === 'literal' || isDeclared)) return [expression]
    const { text, numbers, count } = saidBy(expression, before, prose)
    const called = calledAfter(expression)
    const labels = numbers.map(({ value, row }, at) =>
      variable(nameOf(at === 0 ? called : `${called}_end`, numberOf(value, row)), 'label'),
    )
    if (labels.length === 1) return labels
    // From the least to the largest.
    if (labels.length === 2) return [labels[0]!, ' to ', labels[1]!]
    if (count !== null) return [variable(nameOf(called, Number(count)), 'integer')]
    return [variable(nameOf(called, text))]
  }
  const patterned = (pattern: Pattern): Pattern =>
    pattern.flatMap((piece) =>
      typeof piece !== 'string' && piece.type === 'expression' ? replaced(piece) : [piece],
    )
  const declarations = given.map((one, at): Model.Declaration => {
    const [value] = replaced(one.value, given.slice(0, at))
    return { ...one, value } as Model.Declaration
  })
  const anew: Model.Message =
    model.type === 'message'
      ? { ...model, declarations, pattern: patterned(model.pattern) }
      : {
          ...model,
          declarations,
          variants: model.variants.map((one) => ({ ...one, value: patterned(one.value) })),
        }
  return { message: stringifyMessage(anew), values }
}
