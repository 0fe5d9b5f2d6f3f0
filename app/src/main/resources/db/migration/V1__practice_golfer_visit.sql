-- A practice and the people who sign in to it.
CREATE TABLE practice (
  id TEXT NOT NULL PRIMARY KEY,
  name TEXT NOT NULL,
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE account (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id),
  sign_in_name TEXT NOT NULL COLLATE NOCASE UNIQUE,
  shown_name TEXT NOT NULL,
  password_hash TEXT NOT NULL,
  role TEXT NOT NULL CHECK (role IN ('owner', 'helper')),
  created_at TEXT NOT NULL
) STRICT;

-- A one-time link for the owner's account; only its hash is kept.
CREATE TABLE set_up_link (
  token_hash TEXT NOT NULL PRIMARY KEY,
  created_at TEXT NOT NULL,
  used_at TEXT
) STRICT;

CREATE TABLE golfer (
  id TEXT NOT NULL PRIMARY KEY,
  practice_id TEXT NOT NULL REFERENCES practice (id),
  name TEXT NOT NULL,
  name_key TEXT NOT NULL,
  created_at TEXT NOT NULL,
  opened_at TEXT,
  opened_by TEXT REFERENCES account (id)
) STRICT;

CREATE INDEX golfer_by_name ON golfer (practice_id, name_key);

CREATE TABLE visit (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  number INTEGER NOT NULL,
  started_at TEXT NOT NULL,
  UNIQUE (golfer_id, number)
) STRICT;

-- Tries of screen tests. Append-only: a correction is a new row that supersedes the old one, and a
-- row can be superseded once, so two corrections of the same try cannot both win unseen.
CREATE TABLE reading (
  id TEXT NOT NULL PRIMARY KEY,
  visit_id TEXT NOT NULL REFERENCES visit (id) ON DELETE CASCADE,
  slot TEXT NOT NULL,
  ordinal INTEGER NOT NULL CHECK (ordinal BETWEEN 1 AND 5),
  value REAL,
  word TEXT,
  method TEXT,
  compensations TEXT NOT NULL DEFAULT '',
  voided INTEGER NOT NULL DEFAULT 0 CHECK (voided IN (0, 1)),
  withdrawn INTEGER NOT NULL DEFAULT 0 CHECK (withdrawn IN (0, 1)),
  submit_key TEXT,
  supersedes TEXT UNIQUE REFERENCES reading (id),
  taken_at TEXT NOT NULL,
  taken_by TEXT NOT NULL REFERENCES account (id),
  UNIQUE (visit_id, submit_key)
) STRICT;

CREATE INDEX reading_by_visit ON reading (visit_id, slot, ordinal);

-- Everything else that is said or seen, one topic a row, append-only in the same way. A row
-- without a visit belongs to the golfer for good (who, cautions, wishes).
CREATE TABLE observation (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  visit_id TEXT REFERENCES visit (id) ON DELETE CASCADE,
  topic TEXT NOT NULL,
  value TEXT,
  supersedes TEXT UNIQUE REFERENCES observation (id),
  noted_at TEXT NOT NULL,
  noted_by TEXT NOT NULL REFERENCES account (id)
) STRICT;

CREATE INDEX observation_by_golfer ON observation (golfer_id, visit_id, topic);

-- What was done, in order, so that it can be undone.
CREATE TABLE step (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  kind TEXT NOT NULL CHECK (kind IN ('reading', 'observation')),
  row_id TEXT NOT NULL,
  label TEXT NOT NULL,
  station TEXT NOT NULL,
  done_at TEXT NOT NULL,
  undone_at TEXT
) STRICT;

CREATE INDEX step_by_golfer ON step (golfer_id, id);

-- What lists show of a golfer, worked out when something is saved.
CREATE TABLE glance (
  golfer_id TEXT NOT NULL PRIMARY KEY REFERENCES golfer (id) ON DELETE CASCADE,
  handed TEXT NOT NULL,
  birth_year INTEGER,
  trail_internal REAL,
  trail_external REAL,
  lead_internal REAL,
  lead_external REAL,
  standing TEXT NOT NULL CHECK (standing IN ('bench', 'due', 'waiting', 'quiet')),
  words TEXT NOT NULL,
  seen_on TEXT NOT NULL,
  due_on TEXT
) STRICT;

CREATE INDEX glance_by_standing ON glance (standing);
