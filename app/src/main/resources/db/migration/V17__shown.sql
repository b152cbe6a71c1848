-- What was shown of each work-up last, so that the first look after a start, or after many others, need not reason anew. It is worked out
-- from the rest and may be lost.
CREATE TABLE work_up_shown (
  work_up_id INTEGER PRIMARY KEY REFERENCES work_up (id),
  stamp      TEXT NOT NULL,
  packed     BLOB NOT NULL
);
