-- The sort of complaint that opened a work-up.
ALTER TABLE work_up ADD COLUMN complaint_kind TEXT NOT NULL DEFAULT 'take-off';

-- Runs of the pre-power routine, kept whole.
CREATE TABLE routine_run (
  id      INTEGER PRIMARY KEY AUTOINCREMENT,
  mark    TEXT NOT NULL REFERENCES craft (mark),
  at      TEXT NOT NULL,
  passed  INTEGER NOT NULL,
  minutes REAL NOT NULL,
  body    TEXT NOT NULL
);
CREATE INDEX routine_run_by_mark ON routine_run (mark, at);

CREATE TABLE pack (
  label      TEXT PRIMARY KEY COLLATE NOCASE,
  body       TEXT NOT NULL,
  entered_at TEXT NOT NULL
);

-- What happened to a pack; rows are only ever added.
CREATE TABLE pack_entry (
  id    INTEGER PRIMARY KEY AUTOINCREMENT,
  label TEXT NOT NULL REFERENCES pack (label),
  at    TEXT NOT NULL,
  body  TEXT NOT NULL
);
CREATE INDEX pack_entry_by_label ON pack_entry (label, at);

-- What holds for the whole workshop, such as its meter.
CREATE TABLE setting (
  name TEXT PRIMARY KEY,
  body TEXT NOT NULL
);
