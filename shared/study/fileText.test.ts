import { newDocument } from './document'
import { fileText } from './fileText'
import type { StudyFile } from './study'

const file = (house: object): StudyFile => ({
  format: 'ivory-abacus study',
  version: 1,
  document: { ...newDocument('Trams'), house },
  datasets: [],
})

test('a change of one phrase is a difference of its own lines, whatever order it was set in', () => {
  const before = fileText(file({ notation: 'scaled', fraction: [0, 1] }))
  const same = fileText(file({ fraction: [0, 1], notation: 'scaled' }))
  const after = fileText(file({ notation: 'plain', fraction: [0, 1] }))
  expect(same).toBe(before)
  const [a, b] = [before.split('\n'), after.split('\n')]
  expect(a).toHaveLength(b.length)
  expect(a.filter((line, at) => line !== b[at])).toEqual(['   "notation": "scaled"'])
  expect(JSON.parse(before)).toEqual(file({ notation: 'scaled', fraction: [0, 1] }))
})
