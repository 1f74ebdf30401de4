import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { studyFindings } from '../report/findings'
import { studyDocumentSchema } from './document'
import { studyFileSchema } from './study'
import { DOCUMENT_VERSION, NewerDocumentError, upgraded } from './upgrade'
import { earlierReason } from './columnReason'

/** A study's file as the program wrote it before documents said a version. Never write it anew. */
const kept = () =>
  JSON.parse(readFileSync(join(__dirname, 'testing/study-of-version-0.json'), 'utf8'))

test('a study that was saved before documents said a version opens with all that was decided', () => {
  const stored = kept()
  const { document, datasets } = studyFileSchema.parse(stored)
  expect(document).toEqual({ ...stored.document, version: DOCUMENT_VERSION })
  const coded = (columns: { reason: string }[]) =>
    columns.map((column) => ({ ...column, reason: earlierReason(column.reason) }))
  expect(datasets).toEqual(
    stored.datasets.map((dataset: { columns: { reason: string }[] }) => ({
      ...dataset,
      columns: coded(dataset.columns),
    })),
  )
})

test('what it finds can be reported', () => {
  const { document, datasets } = studyFileSchema.parse(kept())
  const cells = new Map(datasets[0]!.columns.map((column) => [column.name, column.cells]))
  const findings = studyFindings({
    document,
    datasets,
    regions: {},
    cellsOf: (_, name) => cells.get(name)!,
  })
  expect(new Set(findings.map(({ quantity }) => quantity))).toEqual(new Set(['depth m', 'area']))
})

test('a document of this version is left as it is', () => {
  const { document } = studyFileSchema.parse(kept())
  expect(upgraded(document)).toEqual(document)
})

test('a document of a newer program is refused, and says to update', () => {
  const newer = { ...kept().document, version: DOCUMENT_VERSION + 1 }
  expect(() => upgraded(newer)).toThrow(NewerDocumentError)
  const { error } = studyDocumentSchema.safeParse(newer)
  expect(error!.issues[0]!.message).toMatch(/newer version .*Update the program/)
})

test.each([null, 'text', [], { version: 'one' }, { version: -1 }, { version: 0.5 }])(
  '%j is no document',
  (stored) => {
    expect(upgraded(stored)).toBe(stored)
    expect(studyDocumentSchema.safeParse(stored).success).toBe(false)
  },
)
