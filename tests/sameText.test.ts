import { cellsOf, studies } from '../app/features/page/testing/studies'
import { SURFACES } from '../core/surfaces'
import { pageSnapshot } from '../shared/page/snapshot'
import { run } from './lib/command'

/** So many sets of labels are written by the command: each starts it anew. */
const MOST = 60

test('the command line writes what a page writes, on every surface of random studies', () => {
  const sets = studies.flatMap((inputs) => {
    const page = pageSnapshot({ ...inputs, cellsOf })
    return SURFACES.flatMap((surface) => {
      const { values, rows, step } = page[`context.${surface}`]
      // Decimals that follow the step are decided by ticks, which the command is not given here.
      if (!values || step) return []
      const given = { style: page[`style.${surface}`], values: [...values], rows }
      const labels = page[`written.${surface}`].writer.labels(given.values, rows)
      return [{ surface, given, labels }]
    })
  })
  expect(sets.length).toBeGreaterThan(MOST)
  const stride = Math.ceil(sets.length / MOST)
  for (const { surface, given, labels } of sets.filter((_, at) => at % stride === 0)) {
    const { output, stderr } = run('label', given)
    expect({ surface, style: given.style, stderr, output }).toMatchObject({
      stderr: '',
      output: { labels },
    })
  }
})
