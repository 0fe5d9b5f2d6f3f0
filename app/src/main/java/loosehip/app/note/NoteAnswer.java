package loosehip.app.note;

import java.util.List;
import java.util.Optional;
import loosehip.app.plan.Consequences;
import loosehip.app.talk.ReferBlock;

/**
 * What a saved fact changes on the page it came from.
 *
 * @param field id of its field on the page
 * @param refer what waits for a clinician; empty when the fact does not touch that
 * @param consequences what follows from the cautions; empty when the fact does not touch them
 */
public record NoteAnswer(
    String field,
    Optional<ReferBlock> refer,
    Optional<List<Consequences.Consequence>> consequences) {}
