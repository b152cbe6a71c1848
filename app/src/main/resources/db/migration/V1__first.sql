-- "ablm" in hexadecimal: marks the file as ours.
PRAGMA application_id = 1633840237;

CREATE TABLE craft (
  mark       TEXT PRIMARY KEY COLLATE NOCASE,
  name       TEXT NOT NULL,
  class      TEXT NOT NULL,
  state      TEXT NOT NULL CHECK (state IN ('FIT', 'GROUNDED')),
  version    INTEGER NOT NULL,
  entered_at TEXT NOT NULL
);

-- Build sheets are kept whole and never changed.
CREATE TABLE build_sheet (
  mark       TEXT NOT NULL REFERENCES craft (mark),
  revision   INTEGER NOT NULL,
  body       TEXT NOT NULL,
  reason     TEXT NOT NULL,
  entered_at TEXT NOT NULL,
  PRIMARY KEY (mark, revision)
);

CREATE TABLE work_up (
  id        INTEGER PRIMARY KEY AUTOINCREMENT,
  mark      TEXT NOT NULL REFERENCES craft (mark),
  revision  INTEGER NOT NULL,
  complaint TEXT NOT NULL,
  occasion  TEXT NOT NULL,
  opened_at TEXT NOT NULL,
  FOREIGN KEY (mark, revision) REFERENCES build_sheet (mark, revision)
);

-- Everything that happened in a work-up, in order; rows are only ever added.
CREATE TABLE work_up_event (
  work_up_id INTEGER NOT NULL REFERENCES work_up (id),
  n          INTEGER NOT NULL,
  at         TEXT NOT NULL,
  body       TEXT NOT NULL,
  PRIMARY KEY (work_up_id, n)
);

CREATE TABLE log_entry (
  id         INTEGER PRIMARY KEY AUTOINCREMENT,
  mark       TEXT NOT NULL REFERENCES craft (mark),
  at         TEXT NOT NULL,
  kind       TEXT NOT NULL,
  text       TEXT NOT NULL,
  work_up_id INTEGER REFERENCES work_up (id)
);
CREATE INDEX log_entry_by_mark ON log_entry (mark, at);

-- One row for each time a work-up was closed.
CREATE TABLE ledger_entry (
  id         INTEGER PRIMARY KEY AUTOINCREMENT,
  work_up_id INTEGER NOT NULL REFERENCES work_up (id),
  mark       TEXT NOT NULL,
  closed_at  TEXT NOT NULL,
  complaint  TEXT NOT NULL,
  ended      TEXT NOT NULL,
  reason     TEXT NOT NULL,
  causes     TEXT NOT NULL,
  kinds      TEXT NOT NULL,
  fixes      TEXT NOT NULL,
  changes    TEXT NOT NULL,
  proof      TEXT NOT NULL,
  minutes    REAL NOT NULL
);
CREATE INDEX ledger_entry_by_time ON ledger_entry (closed_at);
