-- What was entered by mistake and put right: what was there before, and why. A withdrawn line of a log keeps its place and counts for nothing.
CREATE TABLE correction (
  id        INTEGER PRIMARY KEY AUTOINCREMENT,
  what      TEXT NOT NULL,
  entry_id  INTEGER NOT NULL,
  at        TEXT NOT NULL,
  before    TEXT NOT NULL,
  reason    TEXT NOT NULL,
  withdrawn INTEGER NOT NULL
);
CREATE INDEX correction_of_entry ON correction (what, entry_id);
ALTER TABLE pack_entry ADD COLUMN withdrawn INTEGER NOT NULL DEFAULT 0;
ALTER TABLE kept_file ADD COLUMN withdrawn INTEGER NOT NULL DEFAULT 0;
