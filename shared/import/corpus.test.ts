import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { compare, shift } from '../../core/decimal/arithmetic'
import { parseDecimal } from '../../core/decimal/decimal'
import { decimalOf } from '../quantities'
import { readFile } from './files'
import { type ImportedTable, readTable } from './table'

interface MadeColumn {
  readonly name: string
  readonly role: string
  readonly asks: string | null
  readonly values: readonly (string | null)[]
}
interface MadeTable {
  readonly file: string
  readonly form: string
  readonly columns: readonly MadeColumn[]
}

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-tables-'))
const made = JSON.parse(
  execFileSync('node', [join(__dirname, '../../tests/tables/make.mjs'), folder], {
    encoding: 'utf8',
  }),
) as readonly MadeTable[]
afterAll(() => rmSync(folder, { recursive: true }))

const read = async ({ file }: MadeTable): Promise<ImportedTable> =>
  readTable((await readFile({ bytes: readFileSync(join(folder, file)), name: file })).text)

/** Whether a cell is what it was made as: a number to its last digit, a name letter by letter. */
function isSame(own: string | null, cell: unknown, power: number, isNumber: boolean): boolean {
  if (own === null) return cell === null || cell === ''
  if (!isNumber) return cell === own
  const value = decimalOf(cell as string)
  return value !== null && compare(shift(value, power), parseDecimal(own)!) === 0
}

test('the corpus: sixty tables, at least 85% of their columns clear', () => {
  const columns = made.flatMap((table) => table.columns)
  expect(made).toHaveLength(60)
  expect(columns.filter(({ asks }) => !asks).length / columns.length).toBeGreaterThan(0.85)
})

test.each(made.map((table) => [table.file, table] as const))(
  '%s is read as it was made',
  async (_, table) => {
    const { columns } = await read(table)
    const told = columns.map(({ name, role, asks = [] }) => [
      name,
      role,
      asks.some(({ about }) => about === 'role') ? 'role' : null,
    ])
    expect(told).toEqual(table.columns.map(({ name, role, asks }) => [name, role, asks]))
    const wrong = table.columns.flatMap((column, at) => {
      const { recorded = 0 } = columns[at]!
      const cells = [...columns[at]!.cells()]
      const isNumber = column.role === 'number' || column.role === 'ratio'
      return column.values.flatMap((own, row) =>
        isSame(own, cells[row], recorded, isNumber)
          ? []
          : [
              `${column.name}, row ${row + 1}: ${own} is read as ${String(cells[row])} × 10^${recorded}`,
            ],
      )
    })
    expect(wrong).toEqual([])
    expect(columns.map((column) => column.cells().length)).toEqual(
      table.columns.map(({ values }) => values.length),
    )
  },
)
