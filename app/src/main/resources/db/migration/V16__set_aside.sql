-- Records that can't be read and that somebody set aside, so that the bench no longer names them.
CREATE TABLE set_aside (
  kept_in TEXT NOT NULL,
  key     TEXT NOT NULL,
  what    TEXT NOT NULL,
  reason  TEXT NOT NULL,
  at      TEXT NOT NULL,
  PRIMARY KEY (kept_in, key, what)
);
