-- Why a column is what it is was a sentence; it becomes a code with parameters.
UPDATE dataset_column SET reason = CASE
  WHEN reason LIKE 'Dates: year, month, day%' THEN json_object('code', 'dates', 'order', 'iso')
  WHEN reason LIKE 'Dates: day, month, year%' THEN json_object('code', 'dates', 'order', 'dmy')
  WHEN reason LIKE 'Dates: month, day, year%' THEN json_object('code', 'dates', 'order', 'mdy')
  WHEN reason LIKE 'Dates: %' THEN json_object('code', 'dates', 'order', 'unclear')
  WHEN reason LIKE 'Made: %' THEN json_object('code', 'derivedEarlier', 'text', substr(reason, 7))
  ELSE json_object('code', 'earlier', 'text', reason)
END;
