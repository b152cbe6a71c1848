-- Where a cause lay is called in the words of the trade; older entries are called alike, so that trends count them together.
UPDATE ledger_entry SET parts = '; ' || parts || '; ' WHERE parts <> '';
UPDATE ledger_entry SET parts = replace(parts, '; Leads and joints; ', '; Wires and joints; ');
UPDATE ledger_entry SET parts = replace(parts, '; Seat of the board; ', '; FC mount; ');
UPDATE ledger_entry SET parts = replace(parts, '; Propeller; ', '; Prop; ');
UPDATE ledger_entry SET parts = replace(parts, '; Pack; ', '; Battery; ');
UPDATE ledger_entry SET parts = replace(parts, '; Flight board; ', '; Flight controller; ');
UPDATE ledger_entry SET parts = replace(parts, '; Speed controller; ', '; ESC; ');
UPDATE ledger_entry SET parts = substr(parts, 3, length(parts) - 4) WHERE parts <> '';
