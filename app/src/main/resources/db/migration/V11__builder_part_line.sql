-- Who built a craft, in which parts of it a cause lay, and the line of the log that a file belongs to.
ALTER TABLE craft ADD COLUMN builder TEXT NOT NULL DEFAULT '';
ALTER TABLE ledger_entry ADD COLUMN parts TEXT NOT NULL DEFAULT '';
ALTER TABLE kept_file ADD COLUMN log_id INTEGER REFERENCES log_entry (id);
