import { readdirSync } from 'node:fs'
import { join, relative, sep } from 'node:path'
import { appPages, isPage } from './pages'
import { apiPaths, methodsAt } from './paths'

const api = join(__dirname, '../api')
/** The paths and methods that the files of the API answer. */
function answered(): Record<string, string[]> {
  const found: Record<string, string[]> = {}
  for (const entry of readdirSync(api, { recursive: true, withFileTypes: true })) {
    const match = /^(.+)\.(get|post|put|delete)\.ts$/.exec(entry.name)
    if (!match) continue
    const parts = [...relative(api, entry.parentPath).split(sep), match[1]!]
    const path = `/api/${parts.filter((part) => part && part !== 'index').join('/')}`
    const known = path.replace(/\[[^\]]+\]/g, '*')
    found[known] = [...(found[known] ?? []), match[2]!.toUpperCase()]
  }
  return found
}

test('the table of paths is that of the files', () => {
  const sorted = (table: Readonly<Record<string, readonly string[]>>) =>
    Object.entries(table)
      .map(([path, methods]) => `${path} ${[...methods].sort().join(' ')}`)
      .sort()
  expect(sorted(apiPaths())).toEqual(sorted(answered()))
  expect(methodsAt('/api/studies/one/copy')).toEqual(['POST'])
  expect(methodsAt('/api/nothing')).toEqual([])
  // The router takes “file” for the route of that name, and looks for nothing below it.
  expect(methodsAt('/api/studies/file/revisions/1')).toEqual([])
  expect(methodsAt('/api/studies/file').sort()).toEqual(['DELETE', 'GET', 'POST', 'PUT'])
})

test('the table of pages is that of the files', () => {
  const pages = join(__dirname, '../../app/pages')
  const found = readdirSync(pages, { recursive: true, withFileTypes: true })
    .filter(({ name }) => name.endsWith('.vue'))
    .map(
      ({ name, parentPath }) => `/${relative(pages, join(parentPath, name)).replaceAll(sep, '/')}`,
    )
    .map((file) => file.replace(/(?:\/?index)?\.vue$/, '').replace(/\[[^\]]+\]/g, '*') || '/')
  expect([...new Set(found)].sort()).toEqual([...appPages()].sort())
  expect(['/studies', '/study/1/ticks', '/studies/1', '/%61pi'].map(isPage)).toEqual([
    true,
    true,
    false,
    false,
  ])
})
