import { languageName } from './languageName'

test.each([
  ['de', 'German'],
  ['en-IN', 'English (India)'],
  ['de-CH', 'Swiss High German'],
  ['not a tag', 'not a tag'],
])('the language of %s is called %s', (tag, name) => expect(languageName(tag)).toBe(name))
