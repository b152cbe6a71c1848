-- How much of each listing is understood, and by which table of names that was counted, so that a list of many need not read them all.
ALTER TABLE snapshot ADD COLUMN settings INTEGER NOT NULL DEFAULT 0;
ALTER TABLE snapshot ADD COLUMN odd INTEGER NOT NULL DEFAULT 0;
ALTER TABLE snapshot ADD COLUMN counted_with TEXT NOT NULL DEFAULT '';
