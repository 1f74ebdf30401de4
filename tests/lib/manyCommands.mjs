// Runs the command in this process, once for each line of standard input, and says how each ended.
import { createInterface } from 'node:readline'
import { Readable, Writable } from 'node:stream'
import { main } from '../../dist/cli/main.mjs'

/** A stream that keeps what is written to it. */
function kept() {
  let text = ''
  const stream = new Writable({
    decodeStrings: false,
    write(piece, _, done) {
      text += piece
      done()
    },
  })
  return { stream, text: () => text }
}

for await (const line of createInterface({ input: process.stdin })) {
  const { given, input } = JSON.parse(line)
  const [output, errors] = [kept(), kept()]
  const began = performance.now()
  const streams = { input: Readable.from([input]), output: output.stream, errors: errors.stream }
  const end = await main(given, streams).then(
    (status) => ({ status }),
    (error) => ({ crash: String(error?.stack ?? error) }),
  )
  const ms = performance.now() - began
  const said = { ...end, ms, output: output.text().length, errors: errors.text() }
  process.stdout.write(`${JSON.stringify(said)}\n`)
}
