import { changing, type Db } from './database'

const DAY = 86_400_000
/** Days for which one revision an hour is kept, and days for which what was removed is. */
const [HOURLY_DAYS, REMOVED_DAYS] = [7, 30]
/** Of an hour and of a day, as far as a moment of ISO 8601 tells it. */
const [HOUR_LENGTH, DAY_LENGTH] = ['2026-11-29T12'.length, '2026-11-29'.length]

const since = (now: Date, days: number): string =>
  new Date(now.getTime() - days * DAY).toISOString()

/**
 * Old revisions but the last of each hour, and of each day from a week on: those of the last day
 * stay, the newest of a study stays, and so does one that has a name, of which something was taken
 * away, or on which others lean.
 */
const OLD_REVISIONS = `
WITH placed AS (
  SELECT study_id, number, row_number() OVER (
    PARTITION BY study_id, substr(made_at, 1, iif(made_at >= :week, ${HOUR_LENGTH}, ${DAY_LENGTH}))
    ORDER BY number DESC
  ) AS place
  FROM revision WHERE made_at < :day
)
DELETE FROM revision WHERE (study_id, number) IN (SELECT study_id, number FROM placed WHERE place > 1)
  AND name IS NULL AND taken_at IS NULL
  AND number < (SELECT max(number) FROM revision AS other WHERE other.study_id = revision.study_id)
  AND NOT EXISTS (
    SELECT 1 FROM revision AS leaning
    WHERE leaning.study_id = revision.study_id AND leaning.base = revision.number
  )`

/**
 * Takes old revisions away, and studies that were removed a month ago, and gives their room back to
 * the disk. What leans on a revision goes before it, so that a second look may take that too.
 *
 * @returns how many revisions and studies went
 */
export function thinOut(db: Db, now = new Date()): { revisions: number; studies: number } {
  const went = changing(db, () => {
    const studies = db
      .prepare('DELETE FROM study WHERE removed_at < ?')
      .run(since(now, REMOVED_DAYS)).changes
    const thin = db.prepare(OLD_REVISIONS)
    const ends = { week: since(now, HOURLY_DAYS), day: since(now, 1) }
    const first = thin.run(ends).changes
    return { revisions: first + thin.run(ends).changes, studies }
  })
  if (went.revisions + went.studies > 0) db.pragma('incremental_vacuum')
  return went
}
