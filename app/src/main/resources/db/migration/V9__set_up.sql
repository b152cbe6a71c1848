-- Set-ups of crafts: what for, when begun and ended, and what each step gave, kept whole.
CREATE TABLE set_up (
  id       INTEGER PRIMARY KEY AUTOINCREMENT,
  mark     TEXT NOT NULL REFERENCES craft (mark),
  occasion TEXT NOT NULL,
  begun_at TEXT NOT NULL,
  ended_at TEXT,
  version  INTEGER NOT NULL,
  body     TEXT NOT NULL
);
CREATE INDEX set_up_by_mark ON set_up (mark, id);
