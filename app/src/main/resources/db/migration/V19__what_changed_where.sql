-- What was written where, counted by the database itself, so that no way of writing can forget to:
-- a part of a golfer's file whose edition stands need not be read again, and what lists show of a
-- golfer is worked out anew when something was written since (behind counts the writes; 0: in step).
ALTER TABLE golfer ADD COLUMN facts_edition INTEGER NOT NULL DEFAULT 0;
ALTER TABLE golfer ADD COLUMN signs_edition INTEGER NOT NULL DEFAULT 0;
ALTER TABLE golfer ADD COLUMN plan_edition INTEGER NOT NULL DEFAULT 0;
ALTER TABLE visit ADD COLUMN facts_edition INTEGER NOT NULL DEFAULT 0;
ALTER TABLE visit ADD COLUMN tries_edition INTEGER NOT NULL DEFAULT 0;
ALTER TABLE glance ADD COLUMN behind INTEGER NOT NULL DEFAULT 0;
CREATE INDEX glance_behind ON glance (golfer_id) WHERE behind > 0;

-- Clearances are few among everything noted, and every list asks for them.
CREATE INDEX observation_clearance ON observation (golfer_id)
  WHERE topic >= 'cleared-warning.' AND topic < 'cleared-warning/';

CREATE TRIGGER reading_written AFTER INSERT ON reading BEGIN
  UPDATE visit SET tries_edition = tries_edition + 1
    WHERE id IN (NEW.visit_id, (SELECT visit_id FROM reading WHERE id = NEW.supersedes));
  UPDATE glance SET behind = behind + 1
    WHERE golfer_id = (SELECT golfer_id FROM visit WHERE id = NEW.visit_id);
END;

CREATE TRIGGER observation_written AFTER INSERT ON observation BEGIN
  UPDATE golfer SET facts_edition = facts_edition + 1
    WHERE id = NEW.golfer_id
      AND (NEW.visit_id IS NULL
        OR EXISTS (SELECT 1 FROM observation
          WHERE id = NEW.supersedes AND visit_id IS NULL));
  UPDATE visit SET facts_edition = facts_edition + 1
    WHERE id IN (NEW.visit_id, (SELECT visit_id FROM observation WHERE id = NEW.supersedes));
  UPDATE glance SET behind = behind + 1 WHERE golfer_id = NEW.golfer_id;
END;

CREATE TRIGGER sign_written AFTER INSERT ON observation
WHEN NEW.topic LIKE 'warning.%' OR NEW.topic LIKE 'cleared-warning.%' BEGIN
  UPDATE golfer SET signs_edition = signs_edition + 1 WHERE id = NEW.golfer_id;
END;

CREATE TRIGGER visit_started AFTER INSERT ON visit BEGIN
  UPDATE glance SET behind = behind + 1 WHERE golfer_id = NEW.golfer_id;
END;

-- Signs answered at a visit go with it, and so do readings and facts.
CREATE TRIGGER visit_gone AFTER DELETE ON visit BEGIN
  UPDATE golfer SET signs_edition = signs_edition + 1 WHERE id = OLD.golfer_id;
  UPDATE glance SET behind = behind + 1 WHERE golfer_id = OLD.golfer_id;
END;

CREATE TRIGGER plan_given AFTER INSERT ON plan_version BEGIN
  UPDATE golfer SET plan_edition = plan_edition + 1 WHERE id = NEW.golfer_id;
  UPDATE glance SET behind = behind + 1 WHERE golfer_id = NEW.golfer_id;
END;

CREATE TRIGGER homework_written AFTER INSERT ON homework BEGIN
  UPDATE golfer SET plan_edition = plan_edition + 1 WHERE id = NEW.golfer_id;
  UPDATE glance SET behind = behind + 1 WHERE golfer_id = NEW.golfer_id;
END;
