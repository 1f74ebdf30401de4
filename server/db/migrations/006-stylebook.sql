-- Styles that have a name outside studies, each with all of its versions.
CREATE TABLE book_style (
  name    TEXT NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  style   TEXT NOT NULL CHECK (json_valid(style)),
  made_at TEXT NOT NULL,
  PRIMARY KEY (name, version)
) STRICT, WITHOUT ROWID;
