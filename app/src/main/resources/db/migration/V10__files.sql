-- Photos and files of a craft, beside a finding of a work-up or a line of the log.
CREATE TABLE kept_file (
  id         INTEGER PRIMARY KEY AUTOINCREMENT,
  mark       TEXT NOT NULL REFERENCES craft (mark),
  work_up_id INTEGER REFERENCES work_up (id),
  n          INTEGER,
  name       TEXT NOT NULL,
  type       TEXT NOT NULL,
  entered_at TEXT NOT NULL,
  bytes      BLOB NOT NULL
);
CREATE INDEX kept_file_by_mark ON kept_file (mark, id);
