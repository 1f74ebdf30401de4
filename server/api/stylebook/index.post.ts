import { bookEntrySchema } from '../../../shared/study/linked'
import { bodyOf, route } from '../../http/route'
import { enterStyle } from '../../stylebook/book'

const body = bookEntrySchema.omit({ version: true })

export default route(async (event, db) => {
  const { name, style } = await bodyOf(event, body)
  return enterStyle(db, name, style)
})
