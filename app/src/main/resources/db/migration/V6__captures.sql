-- Recordings of pads that were dropped on a check of a work-up, packed; they are added and never changed.
CREATE TABLE capture (
  id          INTEGER PRIMARY KEY,
  work_up_id  INTEGER NOT NULL REFERENCES work_up (id),
  check_id    TEXT NOT NULL,
  name        TEXT NOT NULL,
  outcome     TEXT NOT NULL,
  told        TEXT NOT NULL,
  entered_at  TEXT NOT NULL,
  packed      BLOB NOT NULL
);
CREATE INDEX capture_of_work_up ON capture (work_up_id);
