-- A visit is open until somebody closes it; it can be opened again.
ALTER TABLE visit ADD COLUMN closed_at TEXT;
ALTER TABLE visit ADD COLUMN closed_by TEXT REFERENCES account (id);

-- The file of readings that made this visit; such a visit goes again when the file is undone.
ALTER TABLE visit ADD COLUMN from_file TEXT;

CREATE INDEX visit_by_day ON visit (golfer_id, started_at, number);
CREATE INDEX reading_by_taker ON reading (taken_by, taken_at);

-- What a practice, or one person of it, has set for itself: band edges, deviations, the bag, an own
-- running order. Append-only like facts: a change supersedes, an empty value resets.
CREATE TABLE practice_value (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  account_id TEXT REFERENCES account (id),
  topic TEXT NOT NULL,
  value TEXT,
  supersedes TEXT UNIQUE REFERENCES practice_value (id),
  noted_at TEXT NOT NULL,
  noted_by TEXT NOT NULL REFERENCES account (id)
) STRICT;

CREATE INDEX practice_value_by_topic ON practice_value (practice_id, account_id, topic);

-- A file of readings brought from elsewhere: checked row by row, taken on confirmation, undone as
-- one step.
CREATE TABLE reading_file (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  name TEXT NOT NULL,
  state TEXT NOT NULL
    CHECK (state IN ('checking', 'checked', 'refused', 'taking', 'taken', 'undoing', 'undone')),
  problem TEXT NOT NULL DEFAULT '',
  done_rows INTEGER NOT NULL DEFAULT 0,
  all_bytes INTEGER NOT NULL DEFAULT 0,
  done_bytes INTEGER NOT NULL DEFAULT 0,
  brought_at TEXT NOT NULL,
  brought_by TEXT NOT NULL REFERENCES account (id)
) STRICT;

CREATE TABLE reading_file_row (
  file_id TEXT NOT NULL REFERENCES reading_file (id) ON DELETE CASCADE,
  line INTEGER NOT NULL,
  outcome TEXT NOT NULL CHECK (outcome IN ('new', 'corrects', 'same', 'refused')),
  words TEXT NOT NULL,
  golfer_id TEXT REFERENCES golfer (id) ON DELETE CASCADE,
  visit_on TEXT,
  slot TEXT,
  ordinal INTEGER,
  value REAL,
  word TEXT,
  method TEXT,
  compensations TEXT,
  voided INTEGER,
  reading_id TEXT,
  PRIMARY KEY (file_id, line)
) STRICT;

CREATE UNIQUE INDEX reading_file_row_once
  ON reading_file_row (file_id, golfer_id, visit_on, slot, ordinal);
CREATE INDEX reading_file_row_by_outcome ON reading_file_row (file_id, outcome, line);
