-- What the bench showed of each work-up last, so that the first look after a start need not reason anew. It is worked out
-- from the rest and may be lost.
CREATE TABLE glance (
  work_up_id INTEGER PRIMARY KEY REFERENCES work_up (id),
  stamp      TEXT NOT NULL,
  body       TEXT NOT NULL
);
