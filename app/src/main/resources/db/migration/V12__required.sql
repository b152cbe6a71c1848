-- What a work-up expects: by rule 1 the craft as recorded, by rule 2 the craft as required. Closed ones stay as they were.
ALTER TABLE work_up ADD COLUMN rule INTEGER NOT NULL DEFAULT 1;
UPDATE work_up SET rule = 2 WHERE id NOT IN (SELECT work_up_id FROM work_up_event WHERE substr(body, 1, 16) = '{"kind":"closed"');
