/** First station: who, consent, complaints, wishes, warning signs and cautions. */
@NullMarked
package loosehip.app.talk;

import org.jspecify.annotations.NullMarked;
