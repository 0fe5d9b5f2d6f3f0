-- A case file that was taken: what it added, so that all of it goes again in one step.
CREATE TABLE case_taken (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  file_name TEXT NOT NULL,
  golfer_id TEXT REFERENCES golfer (id) ON DELETE CASCADE,
  visit_id TEXT,
  made_golfer INTEGER NOT NULL CHECK (made_golfer IN (0, 1)),
  observations TEXT NOT NULL,
  taken_at TEXT NOT NULL,
  taken_by TEXT NOT NULL REFERENCES account (id)
) STRICT;
CREATE INDEX case_taken_of_practice ON case_taken (practice_id, taken_at);

-- How far one try scattered where it was measured, in the test's unit; empty: as this practice knows.
ALTER TABLE reading ADD COLUMN scatter REAL;
DROP VIEW reading_now;
CREATE VIEW reading_now AS
SELECT r.* FROM reading r
WHERE r.withdrawn = 0 AND NOT EXISTS (SELECT 1 FROM reading later WHERE later.supersedes = r.id);
