-- What somebody may do: an owner everything, a trainer all but people and backups, a helper measures
-- and logs. Who is disabled cannot sign in; sessions begun before a moment are over.
ALTER TABLE account ADD COLUMN position TEXT NOT NULL DEFAULT 'helper'
  CHECK (position IN ('owner', 'trainer', 'helper'));
UPDATE account SET position = role;
ALTER TABLE account ADD COLUMN disabled_at TEXT;
ALTER TABLE account ADD COLUMN sessions_from TEXT;

-- A one-time link by which somebody sets a password: the first, or a new one. Only its hash is kept.
CREATE TABLE person_link (
  token_hash TEXT NOT NULL PRIMARY KEY,
  account_id TEXT NOT NULL REFERENCES account (id) ON DELETE CASCADE,
  made_at TEXT NOT NULL,
  ends_at TEXT NOT NULL,
  used_at TEXT
) STRICT;
CREATE INDEX person_link_of_account ON person_link (account_id);
