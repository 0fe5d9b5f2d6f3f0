-- What stands now, in one place. A row is newest when nothing supersedes it; it stands when it is
-- newest and was not taken back.
CREATE VIEW reading_now AS
SELECT r.* FROM reading r
WHERE r.withdrawn = 0 AND NOT EXISTS (SELECT 1 FROM reading later WHERE later.supersedes = r.id);

CREATE VIEW observation_newest AS
SELECT o.* FROM observation o
WHERE NOT EXISTS (SELECT 1 FROM observation later WHERE later.supersedes = o.id);

CREATE VIEW observation_now AS
SELECT o.* FROM observation_newest o WHERE o.value IS NOT NULL;

CREATE VIEW practice_value_newest AS
SELECT p.* FROM practice_value p
WHERE NOT EXISTS (SELECT 1 FROM practice_value later WHERE later.supersedes = p.id);

CREATE VIEW practice_value_now AS
SELECT p.* FROM practice_value_newest p WHERE p.value IS NOT NULL;

CREATE VIEW own_exercise_newest AS
SELECT e.* FROM own_exercise e
WHERE NOT EXISTS (SELECT 1 FROM own_exercise later WHERE later.supersedes = e.id);

CREATE VIEW own_exercise_now AS
SELECT e.* FROM own_exercise_newest e WHERE e.content IS NOT NULL;

CREATE VIEW homework_newest AS
SELECT h.* FROM homework h
WHERE NOT EXISTS (SELECT 1 FROM homework later WHERE later.supersedes = h.id);

CREATE VIEW homework_now AS
SELECT h.* FROM homework_newest h WHERE h.done IS NOT NULL;
