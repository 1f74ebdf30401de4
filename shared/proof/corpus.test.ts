import { toNumber, type Decimal } from '../../core/decimal/decimal'
import { shift } from '../../core/decimal/arithmetic'
import { madeChart, type MadeChart } from '../../core/proof/corpus/charts'
import { madeTable } from '../../core/proof/corpus/tables'
import { part } from '../../core/testing/part'
import type { ReadFile } from './file'
import { graveIn, readText } from './testing/readers'

const CHARTS = part(150, 3000)
const TABLES = part(40, 600)
/** What has to be right of axes, of what was planted, and of what is told. */
const BAR = 0.98

const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b)
const areSame = (found: readonly Decimal[], wanted: readonly number[]): boolean => {
  const [own, all] = [sorted(found.map(toNumber)), sorted(wanted)]
  return (
    own.length === all.length &&
    own.every((value, at) => Math.abs(value - all[at]!) <= 1e-9 * Math.max(1e-9, Math.abs(value)))
  )
}
/** Whether each axis was found, on its side, with its scale and the numbers of its ticks. */
function hasAxes(work: ReadFile, made: MadeChart): boolean {
  const axes = work.charts.flatMap(({ read }) => read.axes)
  return (
    axes.length === made.axes.length &&
    made.axes.every(({ side, scale, values }) =>
      axes.some(
        (axis) =>
          axis.side === side &&
          (axis.scale.kind === scale || axis.isUneven) &&
          areSame(axis.values, values),
      ),
    )
  )
}

/** How many of all are right, with the names of the others. */
class Tally {
  right = 0
  readonly wrong: string[] = []
  count(isRight: boolean, name: string): void {
    if (isRight) this.right++
    else this.wrong.push(name)
  }
  expectAtLeast(part: number): void {
    const all = this.right + this.wrong.length
    if (this.right < part * all)
      throw new Error(`${this.right} of ${all}; not ${this.wrong.slice(0, 8).join('; ')}`)
  }
}

test('axes and their scales are found in charts of fifteen ways of writing, and what is wrong', () => {
  const [axes, recall, precision] = [new Tally(), new Tally(), new Tally()]
  for (let at = 0; at < CHARTS; at++) {
    const made = madeChart(at)
    const [, reader = ''] = made.name.split(' ')
    const work = readText(made.text, reader)
    axes.count(hasAxes(work, made), made.name)
    const found = graveIn(work)
    if (made.fault) recall.count(found.includes(made.fault), `${made.fault} in ${made.name}`)
    for (const check of found) precision.count(check === made.fault, `${check} in ${made.name}`)
  }
  axes.expectAtLeast(BAR)
  recall.expectAtLeast(BAR)
  precision.expectAtLeast(BAR)
  expect(recall.right).toBeGreaterThan(CHARTS / 5)
})

test('without a declared reader labels decide for each other by whom they were written', () => {
  const axes = new Tally()
  for (let at = 0; at < CHARTS; at++) {
    const made = madeChart(at)
    axes.count(hasAxes(readText(made.text), made), made.name)
  }
  axes.expectAtLeast(BAR)
})

test('columns of tables are read by the rule that explains them, and what is wrong is found', () => {
  const [columns, recall, precision] = [new Tally(), new Tally(), new Tally()]
  for (let at = 0; at < TABLES; at++) {
    const made = madeTable(at)
    const work = readText(made.text)
    const found = work.tables.flatMap((table) => table.columns)
    for (const { name, values } of made.columns) {
      const column = found.find((one) => one.name.endsWith(name))
      const parts = column?.values
        .filter((_, i) => !column.totals.includes(i))
        .map((value) => shift(value, column.power))
      columns.count(parts !== undefined && areSame(parts, values), `${name} in ${made.name}`)
    }
    const grave = graveIn(work)
    if (made.fault) recall.count(grave.includes(made.fault), `${made.fault} in ${made.name}`)
    for (const check of grave) precision.count(check === made.fault, `${check} in ${made.name}`)
  }
  columns.expectAtLeast(BAR)
  recall.expectAtLeast(BAR)
  precision.expectAtLeast(BAR)
  expect(recall.right).toBeGreaterThan(TABLES / 6)
})
