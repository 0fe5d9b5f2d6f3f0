-- A link that shows one golfer the plan in their hand, without an account. Only the hash of what
-- stands in its address is kept; it ends with the block, or when it is cut.
CREATE TABLE phone_link (
  id TEXT NOT NULL PRIMARY KEY,
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  token_hash TEXT NOT NULL UNIQUE,
  ends_on TEXT NOT NULL,
  made_at TEXT NOT NULL,
  made_by TEXT NOT NULL REFERENCES account (id),
  opened_at TEXT,
  cut_at TEXT,
  cut_by TEXT REFERENCES account (id)
) STRICT;
CREATE INDEX phone_link_of_golfer ON phone_link (golfer_id);

-- What a phone has sent already: sent twice it counts once.
CREATE TABLE phone_entry (
  golfer_id TEXT NOT NULL REFERENCES golfer (id) ON DELETE CASCADE,
  entry_key TEXT NOT NULL,
  got_at TEXT NOT NULL,
  PRIMARY KEY (golfer_id, entry_key)
) STRICT, WITHOUT ROWID;

-- Where it hurt, why it was skipped, and whether the golfer's own phone said so.
ALTER TABLE homework ADD COLUMN site TEXT NOT NULL DEFAULT '';
ALTER TABLE homework ADD COLUMN skipped TEXT;
ALTER TABLE homework ADD COLUMN by_phone INTEGER NOT NULL DEFAULT 0 CHECK (by_phone IN (0, 1));

DROP VIEW homework_now;
DROP VIEW homework_newest;
CREATE VIEW homework_newest AS
SELECT h.* FROM homework h
WHERE NOT EXISTS (SELECT 1 FROM homework later WHERE later.supersedes = h.id);
CREATE VIEW homework_now AS
SELECT h.* FROM homework_newest h WHERE h.done IS NOT NULL;

-- The days on which a version asks for a session, apart by blanks; empty in those given before.
ALTER TABLE plan_version ADD COLUMN session_days TEXT NOT NULL DEFAULT '';

-- What pain stopped, and from which day on a golfer needs somebody if nothing more is said: three
-- sessions missed in a row, and ten days without a word.
ALTER TABLE glance ADD COLUMN stopped_on TEXT;
ALTER TABLE glance ADD COLUMN missed_from TEXT;
ALTER TABLE glance ADD COLUMN silent_from TEXT;
