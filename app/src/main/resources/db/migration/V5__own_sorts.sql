-- Sorts of parts that the workshop added to the shelf.
CREATE TABLE part_sort (
  id         TEXT PRIMARY KEY,
  body       TEXT NOT NULL,
  entered_at TEXT NOT NULL
);
