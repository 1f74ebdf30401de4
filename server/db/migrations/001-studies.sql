CREATE TABLE study (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  revision   INTEGER NOT NULL,
  changed_at TEXT NOT NULL
) STRICT;

-- Every change to a study is a row here; the newest one is what the study is now.
CREATE TABLE revision (
  study_id TEXT NOT NULL REFERENCES study (id) ON DELETE CASCADE,
  number   INTEGER NOT NULL,
  document TEXT NOT NULL CHECK (json_valid(document)),
  what     TEXT NOT NULL,
  made_at  TEXT NOT NULL,
  PRIMARY KEY (study_id, number)
) STRICT, WITHOUT ROWID;

CREATE TABLE dataset (
  id        TEXT PRIMARY KEY,
  study_id  TEXT NOT NULL REFERENCES study (id) ON DELETE CASCADE,
  position  INTEGER NOT NULL,
  name      TEXT NOT NULL,
  row_count INTEGER NOT NULL CHECK (row_count >= 0),
  notices   TEXT NOT NULL CHECK (json_valid(notices)),
  UNIQUE (study_id, position)
) STRICT;

-- A column of numbers is one buffer of little-endian doubles, NaN where a cell is missing;
-- where a double would lose digits, and for text, it is a JSON array.
CREATE TABLE dataset_column (
  dataset_id TEXT NOT NULL REFERENCES dataset (id) ON DELETE CASCADE,
  position   INTEGER NOT NULL,
  name       TEXT NOT NULL,
  kind       TEXT NOT NULL CHECK (kind IN ('number', 'text')),
  reason     TEXT NOT NULL,
  encoding   TEXT NOT NULL CHECK (encoding IN ('float64', 'json')),
  missing    INTEGER NOT NULL,
  unread     TEXT NOT NULL CHECK (json_valid(unread)),
  body       BLOB NOT NULL,
  PRIMARY KEY (dataset_id, position)
) STRICT;
