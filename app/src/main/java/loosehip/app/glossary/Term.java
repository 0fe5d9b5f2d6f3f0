package loosehip.app.glossary;

import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Drawing;

/**
 * A word of the trade.
 *
 * @param id its id
 * @param word the word itself
 * @param forms the forms it is met in; none that is too common to be a word of the trade
 * @param sentence what it is
 * @param drawing a figure; empty where a sign is drawn
 * @param sign id of the sign; empty where a figure is drawn
 */
public record Term(
    String id,
    String word,
    List<String> forms,
    String sentence,
    Optional<Drawing> drawing,
    String sign) {}
