import { gzipSync } from 'node:zlib'
import { strToU8 } from 'fflate'
import { createTar } from 'nanotar'
import { archive, unpacked } from './archive'

const tarOf = (data = 'x') => createTar([{ name: 'package/a.mjs', data }])
/** An archive whose header has another text at a place. */
function withHeader(at: number, text: string): Uint8Array {
  const tar = tarOf()
  tar.set(strToU8(text), at)
  return tar
}
const [SIZE, TYPE] = [124, 156]

test('files come out as they went in, but for those outside of the package', () => {
  const files = [
    { name: 'package/a.mjs', text: 'export {}\n' },
    { name: 'package/a/b.mjs', text: '' },
  ]
  const odd = [
    { name: '../a', text: 'x' },
    { name: 'package/../../b', text: 'x' },
  ]
  expect(unpacked(Buffer.from(archive([...files, ...odd]), 'base64'))).toEqual([
    { name: 'a.mjs', text: 'export {}\n' },
    { name: 'a/b.mjs', text: '' },
  ])
})

test.each<[string, () => Uint8Array, string]>([
  [
    '20,000 files',
    () =>
      createTar(Array.from({ length: 20_000 }, (_, n) => ({ name: `package/${n}`, data: 'x' }))),
    'it is no archive of a package, or a larger one',
  ],
  ['a size below zero', () => withHeader(SIZE, '-0000001000\0'), 'it is no archive of a package'],
  [
    'a size of 8 GB',
    () => withHeader(SIZE, '77777777777\0'),
    'or a larger one than any study makes',
  ],
  ['a link', () => withHeader(TYPE, '2'), '"package/a.mjs" in it is no plain file'],
  ['a device', () => withHeader(TYPE, '4'), 'is no plain file'],
  ['300 MB of zeros', () => new Uint8Array(300 * 2 ** 20), 'or a larger one'],
])('an archive with %s is refused before it is unpacked', (_, tar, why) => {
  const packed = gzipSync(tar(), { level: 1 })
  const before = process.memoryUsage().rss
  expect(() => unpacked(packed)).toThrow(why)
  expect(process.memoryUsage().rss - before).toBeLessThan(600 * 2 ** 20)
})
