-- Listings of settings as they came, each kept whole; they are added and never changed.
CREATE TABLE snapshot (
  id         INTEGER PRIMARY KEY,
  mark       TEXT NOT NULL REFERENCES craft (mark),
  number     INTEGER NOT NULL,
  family     TEXT NOT NULL,
  version    TEXT NOT NULL,
  target     TEXT NOT NULL,
  why        TEXT NOT NULL,
  name       TEXT NOT NULL,
  taken_at   TEXT NOT NULL,
  packed     BLOB NOT NULL,
  UNIQUE (mark, number)
);
-- Firmware families that the workshop entered, as tables.
CREATE TABLE firmware_family (
  id         TEXT PRIMARY KEY,
  body       TEXT NOT NULL,
  entered_at TEXT NOT NULL
);
