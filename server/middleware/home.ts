import { defineEventHandler, sendRedirect } from 'h3'
import { listStudies } from '../db/studies'
import { connection } from '../http/connection'

/** The desk is the first thing to see: the study changed last, which is the demo at first. */
export default defineEventHandler(async (event) => {
  if (event.path !== '/' || event.method !== 'GET') return
  const [first] = listStudies(await connection())
  return sendRedirect(event, first ? `/study/${first.id}` : '/studies', 302)
})
