import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import { part } from '../../core/testing/part'
import { anyStyle, anyValue } from '../../core/label/testing/styles'
import { regionsBy } from '../../core/label/needs'
import { parseStyle } from '../../core/style/parse'
import { spokenPlan, spokenStyle } from '../../core/text/words'
import { slim } from '../../shared/exports/code/slim'
import { constantsOf, embedded, functionsOf } from '../../shared/exports/code/source'
import { labelsByModule } from '../../shared/exports/run'
import { runtimeFor } from '../../shared/exports/runtime'

const root = join(__dirname, '../..')
const table = (kind: string, name: string) =>
  JSON.parse(
    readFileSync(join(root, 'core/locale/generated', kind, `${name}.json`), 'utf8'),
  ) as never

const STYLES = part(60, 500)
const VALUES = part(800, 2000)

test('modules of many styles write every value as the core does', async () => {
  const values = fc
    .sample(anyValue, { numRuns: 2600, seed: 11 })
    .filter((value) => value !== 'apples')
    .slice(0, VALUES)
  const rows = values.map((_, at) => ({ c: ['EUR', 'USD', '', 'EUR'][at % 4] }))
  let run = 0
  for (const input of fc.sample(anyStyle, { numRuns: 1500, seed: 7 })) {
    if (run === STYLES) break
    let plan, labels, words
    try {
      const style = parseStyle(input)
      const context = { ...regionsBy(spokenStyle(style), table), values, rows }
      plan = resolve(style, context)
      words = spokenPlan(plan, style, context)
      labels = labeller(plan).labels(values, rows)
    } catch {
      continue // A style that is refused, or rows that name no currency, have no module.
    }
    run++
    const source = slim({ plan, words })
    const { text, nameOf } = embedded(
      readFileSync(join(root, 'dist/runtime', runtimeFor([source])), 'utf8'),
    )
    const module = [constantsOf(source), text, ...functionsOf(source, nameOf)].join('\n')
    const byModule = await labelsByModule(module, values, rows)
    const wrong = labels.findIndex((label, at) => label !== byModule[at])
    if (wrong >= 0)
      throw new Error(
        `${JSON.stringify(input)} writes ${String(values[wrong])} as ${byModule[wrong]}, and the core as ${labels[wrong]}`,
      )
  }
  expect(run).toBe(STYLES)
})
