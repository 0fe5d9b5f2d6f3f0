package loosehip.app.store;

import java.time.Instant;

/**
 * A fact as it stands now.
 *
 * @param rowId the row that holds it; a correction names it
 * @param value its text
 * @param at when it was noted
 * @param by who noted it
 */
public record Noted(String rowId, String value, Instant at, String by) {}
