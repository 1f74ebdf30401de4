import { isSurface } from '../../quantities'
import { surfaces } from '../../../core/surfaces'
import { onLine, scriptJson } from '../../escape'
import { levelWhere, madeBy, type Provenance, renewal } from '../provenance'
import type { PackedMessage } from './messages'
import type { Packed } from './packed'
import { columnsLookedAt } from '../told'
import { exampleOf, goesByRow } from './declarations'

/** A text on one line of Markdown, in which nothing is a sign. */
const inLine = (text: string): string => onLine(text).replace(/[\\`*_[\]<>#|]/g, '\\$&')
/** A name for what a module gives, of what it is imported by: no word that JavaScript keeps. */
const nameFor = ({ path, written: { level } }: Packed): string =>
  `${path}${level === 'quantity' ? '-label' : ''}`
    .replace(/[/-]+(\w)/g, (_, letter: string) => letter.toUpperCase())
    .replace(/^\d/, '_$&')

/** How a module is used, line by line. */
function linesFor(name: string, packed: Packed): string[] {
  const { written, path } = packed
  const { value, label } = exampleOf(written)
  const own = nameFor(packed)
  const column = scriptJson(written.quantity.column)
  const isByRow = goesByRow(written)
  if (written.ticks)
    return [
      `import { label as ${own}, tickValues } from '${name}/${path}'`,
      `axisLeft(y).tickFormat(${own}).tickValues(tickValues)`,
    ]
  if (isByRow)
    return [
      `import { labelRow as ${own} } from '${name}/${path}'`,
      `rows.map(${own})   // each by its ${columnsLookedAt(written).map(onLine).join(', ')}`,
    ]
  if (isSurface(written.level) && surfaces[written.level].isByRow)
    return [
      `import { label as ${own} } from '${name}/${path}'`,
      `rows.map((row) => ${own}(row[${column}]))`,
    ]
  return [
    `import { label as ${own} } from '${name}/${path}'`,
    `${own}(${value})   // ${scriptJson(label)}`,
  ]
}

/** Where a module's labels stand, as a sentence begins. */
function placed({ written: { level } }: Packed): string {
  const where = levelWhere(level)
  return `${where[0]!.toUpperCase()}${where.slice(1)}`
}
const install = (name: string): string => `npm install ./${name}-1.0.0.tgz`

/**
 * What is to be typed to use one quantity of a package: once at its project, and in its code.
 *
 * @param name of the package
 * @param own the modules of the quantity
 */
export const linesToPaste = (name: string, own: readonly Packed[]): string =>
  [
    `# Once, in your project:\n${install(name)}`,
    ...own.map((one) => `// ${placed(one)}:\n${linesFor(name, one).join('\n')}`),
  ].join('\n\n')

/** How headlines and sentences are formatted, which stay messages: they can be translated. */
const onMessages = (name: string, { path, text }: PackedMessage): string => `
## Headlines and sentences

They are messages in Unicode MessageFormat 2 with the function \`:label\`, for any program that
formats these (\`messages.json\` has them as data); for one in JavaScript:

\`\`\`js
import { MessageFormat } from 'messageformat'
import { functionsFor, locales, messages, values } from '${name}/messages'
const message = '${path}'
new MessageFormat(locales[message], messages[message], {
  functions: functionsFor(message),
  bidiIsolation: 'none',
}).format(values[message])   // ${scriptJson(text)}
\`\`\`
`

/**
 * What a package says of its use: the very lines for the study's chart, table and prose.
 *
 * @param name of the package
 */
export function readmeOf(
  name: string,
  from: Provenance,
  packed: readonly Packed[],
  messages: readonly PackedMessage[],
): string {
  const quantities = [...new Set(packed.map(({ written }) => written.quantity))]
  const sections = quantities.map((quantity) => {
    const own = packed.filter(({ written }) => written.quantity === quantity)
    const blocks = own.map(
      (one) => `${placed(one)}:\n\n\`\`\`js\n${linesFor(name, one).join('\n')}\n\`\`\`\n`,
    )
    return `## ${inLine(quantity.title)}\n\n${blocks.join('\n')}`
  })
  return `# ${name}

How the numbers of a study are written.

${inLine(madeBy(from))}

Do not change it by hand; make it again from the study:

\`\`\`sh
${renewal(from, 'package')}
${install(name)}
\`\`\`

Each module gives \`label(value)\`, \`labels(values)\`, \`parts(value)\`, \`spoken(value)\` for screen
readers, and \`domain\` with \`isOutside(value)\`; an even axis gives \`ticksFor(domain, pixels)\`
for where it zooms. Values stay numbers. Nothing else is loaded.

${sections.join('\n')}${messages[0] ? onMessages(name, messages[0]) : ''}`
}
