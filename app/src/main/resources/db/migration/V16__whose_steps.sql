-- Whose step it was: undo takes back one's own first, and names whose they are.
ALTER TABLE step ADD COLUMN done_by TEXT REFERENCES account (id) ON DELETE SET NULL;
UPDATE step SET done_by = (SELECT taken_by FROM reading WHERE reading.id = step.row_id)
  WHERE kind = 'reading';
UPDATE step SET done_by =
  (SELECT noted_by FROM observation WHERE observation.id = substr(step.row_id || ' ', 1, instr(step.row_id || ' ', ' ') - 1))
  WHERE kind = 'observation';
UPDATE step SET done_by = (SELECT max(noted_by) FROM homework WHERE homework.said_with = step.row_id)
  WHERE kind = 'homework';
