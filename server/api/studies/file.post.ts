import { studyFileSchema } from '../../../shared/study/study'
import { bodyOf, route } from '../../http/route'
import { studyOfFile } from '../../study/file'

export default route(async (event, db) => studyOfFile(db, await bodyOf(event, studyFileSchema)))
