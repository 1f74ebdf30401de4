import { route } from '../../http/route'
import { stylebook } from '../../stylebook/book'

export default route((_event, db) => stylebook(db).read())
