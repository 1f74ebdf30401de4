import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { checks } from '.'
import { checksReference } from './reference'

test('the page of the guide is the one that the checks make; npm run reference writes it', () => {
  const page = readFileSync(join(__dirname, '../../docs/guide/checks.md'), 'utf8')
  expect(page).toBe(checksReference())
  for (const { id } of checks) expect(page).toContain(`| \`${id}\` |`)
})
