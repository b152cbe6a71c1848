-- What was shown of a work-up when it was closed, at its event n; one that was opened again since goes by its events.
CREATE TABLE work_up_end (
  work_up_id INTEGER PRIMARY KEY REFERENCES work_up (id),
  n          INTEGER NOT NULL,
  packed     BLOB NOT NULL
);
