// Makes the demo's data: the Osprind Sound Kelp Cooperative, which does not exist.
// The same numbers every time. With --large also a table of a million rows for benchmarks.
import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { seeded } from '../scripts/lib/seeded.mjs'

const here = dirname(fileURLToPath(import.meta.url))
const LARGE_ROWS = 1_000_000

const SITES = [
  ['Farrow Ledge', 1.9],
  ['Holm Skerry', 1.35],
  ['Tarn Bight', 1.1],
  ['Gull Stack', 0.72],
  ['Hythe Sands', 0.55],
  ['Northmost', 0.34],
]
const SPECIES = [
  ['ribbon kelp', 1.2, 3.1],
  ['amber kelp', 0.9, 4.4],
  ['crown kelp', 0.6, 6.2],
  ['lace wrack', 0.25, 9.5],
]
const YEARS = [2021, 2022, 2023, 2024, 2025, 2026]

const quoted = (cell) => (/[",\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)
const csv = (header, rows) =>
  [header, ...rows].map((row) => row.map((cell) => quoted(String(cell))).join(',')).join('\n') +
  '\n'

function harvestRow(random, [site, reach], [species, yields, price], year, before) {
  const kilograms = Math.round(
    9200 * reach * yields * (0.8 + 0.4 * random()) * (1 + 0.07 * (year - YEARS[0])),
  )
  const litres = Math.round(
    kilograms * (species === 'crown kelp' ? 41 : 0.62) * (0.9 + 0.2 * random()),
  )
  const revenue = (kilograms * price * (0.9 + 0.2 * random())).toFixed(2)
  const spores = Math.round(10 ** (9 + 4 * random()))
  const growth = before ? ((kilograms - before) / before).toFixed(4) : ''
  return { kilograms, cells: [site, species, year, kilograms, litres, revenue, spores, growth] }
}

function harvest() {
  const random = seeded(20210401)
  const rows = []
  for (const site of SITES)
    for (const species of SPECIES) {
      let before = null
      for (const year of YEARS) {
        const row = harvestRow(random, site, species, year, before)
        before = row.kilograms
        rows.push(row)
      }
    }
  const yearTotal = new Map(YEARS.map((year) => [year, 0]))
  for (const { kilograms, cells } of rows)
    yearTotal.set(cells[2], yearTotal.get(cells[2]) + kilograms)
  return csv(
    [
      'site',
      'species',
      'year',
      'harvest kg',
      'extract l',
      'revenue eur',
      'spores',
      'growth',
      'share of year',
    ],
    rows.map(({ kilograms, cells }) => [
      ...cells,
      (kilograms / yearTotal.get(cells[2])).toFixed(5),
    ]),
  )
}

function water() {
  const random = seeded(77)
  const rows = []
  for (let month = 0; month < 30; month++) {
    const date = `${2024 + Math.floor(month / 12)}-${String((month % 12) + 1).padStart(2, '0')}-15`
    for (const [site] of SITES.slice(0, 3)) {
      const warm = 9 + 5.5 * Math.sin(((month - 4) / 12) * 2 * Math.PI) + random()
      rows.push([
        date,
        site,
        Math.round(warm * 8) / 8,
        ((1 + 8 * random()) * 1e-7).toExponential(2),
      ])
    }
  }
  return csv(['date', 'site', 'temperature c', 'nitrate mol/l'], rows)
}

/** How much the water has warmed at each turn of one tide, in eighths of a degree. */
function warming() {
  const turns = ['ebb 1', 'ebb 2', 'ebb 3', 'slack', 'flood 1', 'flood 2', 'flood 3', 'high']
  return csv(
    ['turn', 'warming c'],
    turns.map((turn, at) => [turn, (at + 1) / 8]),
  )
}

function tide() {
  const points = 96
  return csv(
    ['phase rad', 'height m'],
    Array.from({ length: points + 1 }, (_, at) => {
      const phase = -Math.PI + (4 * Math.PI * at) / points
      return [phase, (1.8 * Math.cos(phase) + 0.3 * Math.sin(2 * phase)).toFixed(3)]
    }),
  )
}

const moorings = () =>
  csv(
    ['mooring', 'laid', 'depth m', 'north m'],
    [
      ['Farrow Ledge', '2026-04-25', 4.2, 1240],
      ['Holm Skerry', '2025-09-02', 11.75, 3480],
      ['Tarn Bight', '2024-05-19', 7.5, 560],
      ['Gull Stack', '2026-01-11', 23.125, 5210],
      ['Hythe Sands', '2023-10-30', 2.875, 80],
      ['Northmost', '2025-03-08', 38, 8900],
    ],
  )

const probes = () =>
  csv(
    ['probe', 'value'],
    [
      ['just under a thousand', '999.4'],
      ['carries into a thousand', '999.95'],
      ['a thousand', '1000'],
      ['just over', '1000.5'],
      ['carries into a million', '999950'],
      ['a million', '1000000'],
      ['carries into a billion', '999950000'],
      ['a trillion', '1e12'],
      ['beyond a trillion', '1.5e15'],
      ['far beyond', '2.5e18'],
      ['half to decide', '1.005'],
      ['eighth', '0.125'],
      ['tiny', '4e-7'],
      ['least of doubles', '5e-324'],
      ['negative', '-15300'],
      ['nearly zero', '-0.0004'],
      ['zero', '0'],
      ['missing', ''],
      ['beyond a double', '12345678901234567890.5'],
    ],
  )

function large() {
  const random = seeded(8)
  const rows = Array.from({ length: LARGE_ROWS }, (_, at) => {
    const [site] = SITES[at % SITES.length]
    const [species] = SPECIES[Math.floor(random() * SPECIES.length)]
    return `${site},${species},${2021 + (at % 6)},${Math.round(random() * 1e6)},${(random() * 1e5).toFixed(2)},${Math.round(10 ** (9 + 4 * random()))},${(random() - 0.5).toFixed(4)},${(random() * 1e-6).toExponential(3)}`
  })
  return `site,species,year,harvest kg,revenue eur,spores,growth,nitrate mol/l\n${rows.join('\n')}\n`
}

const files = {
  'harvest.csv': harvest,
  'water.csv': water,
  'warming.csv': warming,
  'tide.csv': tide,
  'moorings.csv': moorings,
  'probes.csv': probes,
}
for (const [name, make] of Object.entries(files)) writeFileSync(join(here, 'study', name), make())
if (process.argv.includes('--large')) {
  mkdirSync(join(here, 'large'), { recursive: true })
  writeFileSync(join(here, 'large', 'harvest.csv'), large())
}
