import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { ProblemError, request, requestBytes } from './request'

let server: Server
let address: string
beforeAll(async () => {
  server = createServer((asked, answer) => {
    const status = Number(asked.url!.slice(1))
    const isProblem = status >= 400 && status < 500
    const type = isProblem ? 'application/problem+json' : 'application/json'
    answer.writeHead(status, { 'content-type': type })
    answer.end(status === 500 ? 'no JSON' : JSON.stringify({ detail: 'No such column.', known: 3 }))
  }).listen(0)
  await new Promise((ready) => server.once('listening', ready))
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => new Promise((closed) => server.close(closed)))

const failed = (asked: Promise<unknown>): Promise<ProblemError> =>
  asked.then(
    () => Promise.reject(new Error('It was met.')),
    (error: ProblemError) => error,
  )

test('an answer is given as it is, or as its bytes', async () => {
  expect(await request(`${address}/200`)).toEqual({ detail: 'No such column.', known: 3 })
  const bytes = await requestBytes(`${address}/200`)
  expect(JSON.parse(new TextDecoder().decode(bytes))).toMatchObject({ known: 3 })
})

test.each([
  ['an answer', request],
  ['bytes', requestBytes],
])('a problem is told in the server’s words where %s was asked for', async (_, ask) => {
  const problem = await failed(ask(`${address}/404`))
  expect(problem).toBeInstanceOf(ProblemError)
  expect(problem).toMatchObject({ status: 404, message: 'No such column.', body: { known: 3 } })
})

test.each([
  ['an answer', request],
  ['bytes', requestBytes],
])('what is no problem document is told by its status where %s was asked for', async (_, ask) => {
  const problem = await failed(ask(`${address}/500`))
  expect(problem).toMatchObject({ status: 500, message: 'The server answered 500.' })
})

test('a server that is not there is told, with what to do', async () => {
  const problem = await failed(request('http://127.0.0.1:1/'))
  expect(problem).toMatchObject({ status: 0, message: expect.stringContaining('npm start') })
})
