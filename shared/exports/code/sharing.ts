import { scriptJson } from '../../escape'

/** A part of at least so many characters gets a name of its own where it stands more than once. */
const WORTH = 40

/** What tells a bundler that a call may be left out where nobody needs what it makes. */
const PURE = '/* @__PURE__ */'
/** Alike parts in a row are written as a table from so many on. */
const TABLE = 6
type Row = Readonly<Record<string, unknown>>
const isRow = (part: unknown): part is Row =>
  typeof part === 'object' && part !== null && !Array.isArray(part)
/** Whether all are objects of the same keys, in their order. */
function isTable(list: readonly unknown[]): list is readonly Row[] {
  const keysOf = (row: unknown) => (isRow(row) ? Object.keys(row).join(' ') : null)
  const first = keysOf(list[0])
  return list.length >= TABLE && first !== null && list.every((row) => keysOf(row) === first)
}
/** Makes rows of what they have alike and of their columns. */
export const TABLE_MAKER =
  'const table=(alike,columns)=>Object.values(columns)[0].map((_,at)=>({...alike,...Object.fromEntries(Object.entries(columns).map(([key,cells])=>[key,cells[at]]))}));\n'
/** Whether all are texts of one character each, none of which ends a text. */
const isDigits = (list: readonly unknown[]): list is readonly string[] =>
  list.length >= TABLE && list.every((one) => typeof one === 'string' && /^\p{Nd}$/u.test(one))

/** How often each part of data stands in it, by its text. */
function countParts(data: unknown, counts: Map<string, number>): void {
  if (typeof data !== 'object' || data === null) return
  const text = JSON.stringify(data)
  if (text.length < WORTH) return
  const seen = counts.get(text) ?? 0
  counts.set(text, seen + 1)
  // What stands within a part that was seen is written once with it.
  if (seen === 0) for (const part of Object.values(data)) countParts(part, counts)
}

/**
 * Data as JavaScript, parts that stand more than once written once: rungs and frames of a Plan are
 * alike for many units. Nothing in it ends a script.
 *
 * @param data JSON by the names of the constants that it becomes; nobody may change it afterwards
 * @example sharedCode({ plan: { a: frames, b: frames } }) // 'const part0={…},plan={a:part0,b:part0};\n'
 */
export function sharedCode(data: Readonly<Record<string, unknown>>): string {
  const counts = new Map<string, number>()
  for (const one of Object.values(data)) countParts(one, counts)
  const names = new Map<string, string>()
  const constants: string[] = []
  let hasTables = false
  const object = (fields: readonly (readonly [string, unknown])[]) =>
    `{${fields
      .filter(([, one]) => one !== undefined)
      .map(([key, one]) => `${keyed(key)}:${written(one)}`)
      .join(',')}}`
  function listed(list: readonly unknown[]): string {
    if (isDigits(list)) return `${PURE}Array.from(${scriptJson(list.join(''))})`
    if (!isTable(list)) return `[${list.map(written).join(',')}]`
    const texts = (key: string) => new Set(list.map((row) => JSON.stringify(row[key])))
    const keys = Object.keys(list[0]!)
    const [alike, apart] = [true, false].map((isAlike) =>
      keys.filter((key) => (texts(key).size === 1) === isAlike),
    )
    if (apart!.length === 0) return `[${list.map(written).join(',')}]`
    hasTables = true
    const columns = apart!.map((key) => [key, list.map((row) => row[key])] as const)
    return `${PURE}table(${object(alike!.map((key) => [key, list[0]![key]]))},${object(columns)})`
  }
  function written(part: unknown): string {
    if (typeof part !== 'object' || part === null) return scriptJson(part)
    const text = JSON.stringify(part)
    const named = names.get(text)
    if (named !== undefined) return named
    const code = Array.isArray(part) ? listed(part) : object(Object.entries(part))
    if ((counts.get(text) ?? 0) < 2) return code
    // Longer than what the runtime calls its own.
    const name = `part${names.size}`
    names.set(text, name)
    constants.push(`${name}=${code}`)
    return name
  }
  for (const [name, one] of Object.entries(data)) constants.push(`${name}=${written(one)}`)
  return `${hasTables ? TABLE_MAKER : ''}const ${constants.join(',\n')};\n`
}

const NAME = /^[A-Za-z]\w*$/
/** A key of an object literal; one that would be no key of data there is computed. */
const keyed = (key: string): string => {
  if (key === '__proto__') return '["__proto__"]'
  return NAME.test(key) ? key : scriptJson(key)
}
