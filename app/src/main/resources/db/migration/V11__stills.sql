-- Stills: a picture made anew on arrival, and what was marked on it. They lie in the same file as
-- everything else about a golfer, so that erasing and copying cannot miss them.
CREATE TABLE still (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  visit_id TEXT NOT NULL REFERENCES visit (id) ON DELETE CASCADE,
  view TEXT NOT NULL,
  checkpoint TEXT NOT NULL,
  source TEXT NOT NULL,
  clip_seconds REAL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  taken_at TEXT NOT NULL,
  taken_by TEXT NOT NULL REFERENCES account (id),
  marks TEXT NOT NULL,
  picture BLOB NOT NULL,
  small BLOB NOT NULL
) STRICT;
CREATE INDEX still_of_golfer ON still (golfer_id, visit_id);
