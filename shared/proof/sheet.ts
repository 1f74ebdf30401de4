import { selectAll } from 'css-select'
import type { AnyNode, Element } from 'domhandler'
import postcss from 'postcss'

/** What is said of an element: by its attributes, by sheets, by itself. */
export type Declared = ReadonlyMap<Element, Readonly<Record<string, string>>>

/** Matching is asked of every rule; so many are enough for any picture. */
const MOST_RULES = 2000
/** Characters of a selector: no picture needs a longer one, and matching it may take very long. */
const LONGEST_SELECTOR = 1000

/** How much a selector weighs: ids, classes and attributes, names. */
function weightOf(selector: string): number {
  const count = (pattern: RegExp) => selector.match(pattern)?.length ?? 0
  return (
    10_000 * count(/#[\w-]+/g) +
    100 * count(/\.[\w-]+|\[[^\]]*\]|(?<!:):(?!:|not|is)[\w-]+/g) +
    count(/(?:^|[\s>+~])[a-z][\w-]*/gi)
  )
}

interface Rule {
  readonly weight: number
  readonly selector: string
  readonly declared: Readonly<Record<string, string>>
}
function rulesOf(css: string): Rule[] {
  const rules: Rule[] = []
  try {
    postcss.parse(css).walkRules((rule) => {
      if (rules.length >= MOST_RULES) return
      const declared = Object.fromEntries(
        rule.nodes.flatMap((node) =>
          node.type === 'decl' ? [[node.prop.toLowerCase(), node.value] as const] : [],
        ),
      )
      if (rule.selector.length > LONGEST_SELECTOR) return
      for (const selector of rule.selectors)
        rules.push({ selector, weight: weightOf(selector), declared })
    })
  } catch {
    // A sheet that is none says nothing; the picture is drawn without it too.
    return []
  }
  return rules
}

/**
 * What the style sheets of a drawing say of its elements.
 *
 * @param sheets their texts
 * @param root what the selectors look in
 */
export function declaredBy(sheets: readonly string[], root: AnyNode): Declared {
  const found = new Map<Element, Record<string, string>>()
  const rules = sheets.flatMap(rulesOf).sort((a, b) => a.weight - b.weight)
  for (const { selector, declared } of rules) {
    let elements: Element[]
    try {
      elements = selectAll(selector, root, { xmlMode: true })
    } catch {
      continue
    }
    for (const element of elements) found.set(element, { ...found.get(element), ...declared })
  }
  return found
}
