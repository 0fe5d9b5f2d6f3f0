-- What the columns of a practice's own tables mean, by their heads, so that they are asked once.
CREATE TABLE column_meaning (
  practice_id TEXT NOT NULL REFERENCES practice (id) ON DELETE CASCADE,
  head TEXT NOT NULL,
  meaning TEXT NOT NULL,
  PRIMARY KEY (practice_id, head)
) STRICT;
