import { listRemoved } from '../db/studies'
import { route } from '../http/route'

export default route((_event, db) => listRemoved(db))
