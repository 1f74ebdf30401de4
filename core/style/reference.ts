import { DEFAULTS, FIELD_NAMES, fields } from './fields'
import type { Phrase } from './phrases/types'

const code = (text: string): string => `\`${text.replaceAll('`', '\u200b`')}\``
/** A bar would end the cell of a table. */
const cell = (text: string): string => text.replaceAll('|', '\\|')

/**
 * The reference of the style, as Markdown: a row for each field, made of the table of fields.
 *
 * @example styleReference().includes('| `fraction` |') // true
 */
export function styleReference(): string {
  const rows = FIELD_NAMES.map((name) => {
    const { decides, takes } = fields[name]
    const phrase = fields[name].phrase as Phrase<unknown> | undefined
    const said = phrase?.say(DEFAULTS[name], { ...DEFAULTS }) ?? ''
    return `| ${code(name)} | ${cell(decides)} | ${cell(takes.replace(/^it takes /, ''))} | ${cell(code(JSON.stringify(DEFAULTS[name])))} | ${cell(said)} |`
  })
  return [
    '# Every field of a style',
    '',
    'A style is JSON. Every field is optional: what is not set is inherited, from surface to quantity to house style, and at last the built-in value. What was set is stored, even if it is the same. An unknown field or a value out of range is an error that names the field, the value and what is allowed.',
    '',
    'Made from the program’s own table of fields by `npm run reference`.',
    '',
    '| field | what it decides | it takes | built in | in the sentence |',
    '| --- | --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n')
}
