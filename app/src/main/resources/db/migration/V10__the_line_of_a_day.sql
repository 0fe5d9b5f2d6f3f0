-- Who is next on a clinic day, in which order, and who was asked to go on with whom. It says nothing
-- about anybody's health.
CREATE TABLE line_up (
  golfer_id TEXT NOT NULL PRIMARY KEY REFERENCES golfer (id) ON DELETE CASCADE,
  on_day TEXT NOT NULL,
  since TEXT NOT NULL,
  held_by TEXT REFERENCES account (id),
  put_by TEXT NOT NULL REFERENCES account (id)
) STRICT;
