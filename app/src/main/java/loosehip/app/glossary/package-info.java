/** The words of the trade, each with a sentence and a small drawing. */
@NullMarked
package loosehip.app.glossary;

import org.jspecify.annotations.NullMarked;
