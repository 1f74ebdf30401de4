import fc from 'fast-check'
import { framed, frameReader } from './frames'

test('messages come out whole, however their bytes are cut', () => {
  const messages = fc.array(
    fc.oneof(fc.string(), fc.uint8Array(), fc.double(), fc.constant({ a: [1n] })),
  )
  fc.assert(
    fc.property(messages, fc.array(fc.integer({ min: 1, max: 9 })), (sent, sizes) => {
      const bytes = Buffer.concat(sent.flatMap(framed))
      const heard: unknown[] = []
      const take = frameReader((message) => heard.push(message))
      let at = 0
      for (let piece = 0; at < bytes.length; piece++) {
        const size = sizes[piece % sizes.length] ?? 5
        take(bytes.subarray(at, at + size))
        at += size
      }
      expect(heard).toEqual(sent)
    }),
  )
})
