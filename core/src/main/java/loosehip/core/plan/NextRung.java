package loosehip.core.plan;

/**
 * What follows in the place of an exercise if it goes well: never by the calendar, but when the
 * log, or whoever trains without one, has held the rung below.
 *
 * @param instead what is done now
 * @param then what follows
 * @param rung its rung
 */
public record NextRung(ItemId instead, ItemId then, int rung) {}
