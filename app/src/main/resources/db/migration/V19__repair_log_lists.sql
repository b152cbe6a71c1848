-- What a work-up found and did are lists: a text of a cause may hold a semicolon of its own.
UPDATE ledger_entry SET
  causes = CASE causes WHEN '' THEN '[]' ELSE '[' || replace(json_quote(causes), '; ', '","') || ']' END,
  kinds = CASE kinds WHEN '' THEN '[]' ELSE '[' || replace(json_quote(kinds), ' ', '","') || ']' END,
  parts = CASE parts WHEN '' THEN '[]' ELSE '[' || replace(json_quote(parts), '; ', '","') || ']' END,
  fixes = CASE fixes WHEN '' THEN '[]' ELSE '[' || replace(json_quote(fixes), '; ', '","') || ']' END,
  changes = CASE changes WHEN '' THEN '[]' ELSE '[' || replace(json_quote(changes), '; ', '","') || ']' END,
  proof = CASE proof WHEN '' THEN '[]' ELSE '[' || replace(json_quote(proof), '; ', '","') || ']' END;
