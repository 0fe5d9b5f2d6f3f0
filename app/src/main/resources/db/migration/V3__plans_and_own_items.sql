-- A plan given to a golfer. A change makes a new version; the old one stays, with its log.
CREATE TABLE plan_version (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  number INTEGER NOT NULL,
  label TEXT NOT NULL,
  edits TEXT NOT NULL,
  content TEXT NOT NULL,
  starts_on TEXT NOT NULL,
  retest_on TEXT NOT NULL,
  items TEXT NOT NULL,
  made_at TEXT NOT NULL,
  made_by TEXT NOT NULL REFERENCES account (id),
  UNIQUE (golfer_id, number)
) STRICT;

-- A block saved to be applied to other golfers: what is to be in, not for whom.
CREATE TABLE plan_template (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  name TEXT NOT NULL,
  items TEXT NOT NULL,
  made_at TEXT NOT NULL,
  made_by TEXT NOT NULL REFERENCES account (id),
  dropped_at TEXT,
  UNIQUE (practice_id, name)
) STRICT;

-- An exercise of the practice's own, with the fields of the shipped ones; a change supersedes.
CREATE TABLE own_exercise (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  exercise_id TEXT NOT NULL,
  content TEXT,
  photo BLOB,
  supersedes TEXT UNIQUE REFERENCES own_exercise (id),
  made_at TEXT NOT NULL,
  made_by TEXT NOT NULL REFERENCES account (id)
) STRICT;

CREATE INDEX own_exercise_by_practice ON own_exercise (practice_id, exercise_id);
