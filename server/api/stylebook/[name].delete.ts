import { bookName } from '../../../shared/study/linked'
import { notFound, parameter, route } from '../../http/route'
import { stylebook } from '../../stylebook/book'

export default route((event, db) => {
  const name = bookName.safeParse(parameter(event, 'name'))
  if (!name.success || !stylebook(db).remove(name.data)) throw notFound('such style')
  return {}
})
