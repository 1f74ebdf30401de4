import { scriptJson } from '../../escape'

/** A part of at least so many characters gets a name of its own where it stands more than once. */
const WORTH = 40

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
  function written(part: unknown): string {
    if (typeof part !== 'object' || part === null) return scriptJson(part)
    const text = JSON.stringify(part)
    const named = names.get(text)
    if (named !== undefined) return named
    const code = Array.isArray(part)
      ? `[${part.map(written).join(',')}]`
      : `{${Object.entries(part)
          .filter(([, one]) => one !== undefined)
          .map(([key, one]) => `${keyed(key)}:${written(one)}`)
          .join(',')}}`
    if ((counts.get(text) ?? 0) < 2) return code
    // Longer than what the runtime calls its own.
    const name = `part${names.size}`
    names.set(text, name)
    constants.push(`${name}=${code}`)
    return name
  }
  for (const [name, one] of Object.entries(data)) constants.push(`${name}=${written(one)}`)
  return `const ${constants.join(',\n')};\n`
}

const NAME = /^[A-Za-z]\w*$/
/** A key of an object literal; one that would be no key of data there is computed. */
const keyed = (key: string): string => {
  if (key === '__proto__') return '["__proto__"]'
  return NAME.test(key) ? key : scriptJson(key)
}
