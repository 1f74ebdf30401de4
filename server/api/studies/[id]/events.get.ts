import { createEventStream, setResponseStatus } from 'h3'
import { findStudy } from '../../../db/studies'
import { connection } from '../../../http/connection'
import { notFound, parameter, route } from '../../../http/route'
import { listenTo, MOST_STREAMS, openStreams } from '../../../study/news'

/** A line from time to time, so that nobody between holds the connection for dead: milliseconds. */
const PULSE = 25_000
/** Tells a browser that it need not ask again. */
const NO_CONTENT = 204

/** The revision of a study, now and at each change, as server-sent events; null where it is gone. */
export default route((event, db) => {
  const id = parameter(event, 'id')
  if (!findStudy(db, id)) throw notFound('such study')
  if (openStreams() >= MOST_STREAMS) {
    setResponseStatus(event, NO_CONTENT)
    return null
  }
  const stream = createEventStream(event)
  const tell = async () => {
    const revision = findStudy(await connection(), id)?.revision ?? null
    await stream.push(JSON.stringify({ revision }))
  }
  const callOff = listenTo(
    id,
    () => void tell(),
    () => void stream.close(),
  )
  const pulse = setInterval(() => void stream.push({ event: 'pulse', data: '' }), PULSE)
  stream.onClosed(() => {
    clearInterval(pulse)
    callOff()
  })
  void tell()
  return stream.send()
})
