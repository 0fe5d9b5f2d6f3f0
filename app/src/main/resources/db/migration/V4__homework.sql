-- What a golfer did of a version of the plan, item by item and day by day; a later word about the
-- same thing supersedes the one before, and one without an amount takes it back.
CREATE TABLE homework (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL,
  plan_number INTEGER NOT NULL,
  on_day TEXT NOT NULL,
  item TEXT NOT NULL,
  done TEXT CHECK (done IN ('top', 'between', 'under')),
  effort INTEGER CHECK (effort BETWEEN 0 AND 10),
  pain INTEGER CHECK (pain BETWEEN 0 AND 10),
  good_form INTEGER NOT NULL CHECK (good_form IN (0, 1)),
  leaned INTEGER NOT NULL CHECK (leaned IN (0, 1)),
  worse_next_day INTEGER NOT NULL CHECK (worse_next_day IN (0, 1)),
  felt TEXT NOT NULL,
  seen TEXT NOT NULL,
  said_with TEXT NOT NULL,
  supersedes TEXT UNIQUE REFERENCES homework (id),
  noted_at TEXT NOT NULL,
  noted_by TEXT NOT NULL REFERENCES account (id),
  FOREIGN KEY (golfer_id, plan_number) REFERENCES plan_version (golfer_id, number) ON DELETE CASCADE
) STRICT;

CREATE INDEX homework_by_golfer ON homework (golfer_id, plan_number);
CREATE INDEX homework_said_with ON homework (said_with);

-- What is said about homework is a step as well; all that was said at once is taken back at once.
CREATE TABLE step_of_any_kind (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  kind TEXT NOT NULL CHECK (kind IN ('reading', 'observation', 'homework')),
  row_id TEXT NOT NULL,
  label TEXT NOT NULL,
  station TEXT NOT NULL,
  done_at TEXT NOT NULL,
  undone_at TEXT
) STRICT;

INSERT INTO step_of_any_kind SELECT * FROM step;
DROP TABLE step;
ALTER TABLE step_of_any_kind RENAME TO step;
CREATE INDEX step_by_golfer ON step (golfer_id, id);
