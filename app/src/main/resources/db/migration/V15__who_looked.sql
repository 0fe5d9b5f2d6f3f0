-- Who looked at what, and when. Of somebody erased it keeps that something was done, and about nobody.
CREATE TABLE look (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  account_id TEXT REFERENCES account (id) ON DELETE SET NULL,
  golfer_id TEXT REFERENCES golfer (id) ON DELETE SET NULL,
  act TEXT NOT NULL,
  about TEXT NOT NULL DEFAULT '',
  at TEXT NOT NULL
) STRICT;
CREATE INDEX look_of_practice ON look (practice_id, id);
CREATE INDEX look_of_golfer ON look (golfer_id, id);
