-- Recordings of a swing, as they came: movement of the body, weight under the feet. They lie in the
-- same file as everything else about a golfer, so that erasing and copying cannot miss them.
CREATE TABLE recording (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  visit_id TEXT NOT NULL REFERENCES visit (id) ON DELETE CASCADE,
  kind TEXT NOT NULL,
  name TEXT NOT NULL,
  source TEXT NOT NULL,
  unit TEXT NOT NULL,
  added_at TEXT NOT NULL,
  added_by TEXT NOT NULL REFERENCES account (id),
  raw BLOB NOT NULL
) STRICT;
CREATE INDEX recording_of_golfer ON recording (golfer_id, visit_id);
