-- Tables and columns bear the names that the screens and the interface use.
ALTER TABLE craft RENAME COLUMN mark TO craft_id;
ALTER TABLE build_sheet RENAME COLUMN mark TO craft_id;
ALTER TABLE work_up RENAME COLUMN mark TO craft_id;
ALTER TABLE log_entry RENAME COLUMN mark TO craft_id;
ALTER TABLE ledger_entry RENAME COLUMN mark TO craft_id;
ALTER TABLE routine_run RENAME COLUMN mark TO craft_id;
ALTER TABLE snapshot RENAME COLUMN mark TO craft_id;
ALTER TABLE set_up RENAME COLUMN mark TO craft_id;
ALTER TABLE kept_file RENAME COLUMN mark TO craft_id;

ALTER TABLE ledger_entry RENAME TO repair_log_entry;
ALTER TABLE routine_run RENAME TO pre_power_run;
ALTER TABLE pack RENAME TO battery;
ALTER TABLE pack_entry RENAME TO battery_entry;
ALTER TABLE part_sort RENAME TO part_type;
ALTER TABLE glance RENAME TO work_up_summary;

UPDATE set_aside SET kept_in = CASE kept_in
  WHEN 'ledger_entry' THEN 'repair_log_entry'
  WHEN 'routine_run' THEN 'pre_power_run'
  WHEN 'pack' THEN 'battery'
  WHEN 'pack_entry' THEN 'battery_entry'
  WHEN 'part_sort' THEN 'part_type'
  ELSE kept_in END;
