import { fileStem, studyFileName } from './names'

test.each([
  ['Revenue', 'revenue'],
  ['Größe & Maß', 'grosse-mass'],
  ['  Ångström / m² ', 'angstrom-m2'],
  ['年', 'none'],
  ['', 'none'],
])('%j is kept in files called %s', (title, stem) => expect(fileStem(title, 'none')).toBe(stem))
test('a study’s file says that it is one', () =>
  expect(studyFileName('Osprind Sound')).toBe('osprind-sound.study.json'))
