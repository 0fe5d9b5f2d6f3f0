-- Whether the earlier tries of the set were out of sight when a try was taken, and the floor angle
-- that was laid out for it, with the shafts that made it.
ALTER TABLE reading ADD COLUMN blind INTEGER NOT NULL DEFAULT 0 CHECK (blind IN (0, 1));
ALTER TABLE reading ADD COLUMN laid_out TEXT;

DROP VIEW reading_now;
CREATE VIEW reading_now AS
SELECT r.* FROM reading r
WHERE r.withdrawn = 0 AND NOT EXISTS (SELECT 1 FROM reading later WHERE later.supersedes = r.id);
