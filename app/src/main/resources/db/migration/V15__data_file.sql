-- Which data file this is, and where it lay when that was settled: its backups bear it. A copy that runs elsewhere takes another.
CREATE TABLE data_file (
  one      INTEGER PRIMARY KEY CHECK (one = 1),
  identity TEXT NOT NULL,
  place    TEXT NOT NULL
);
