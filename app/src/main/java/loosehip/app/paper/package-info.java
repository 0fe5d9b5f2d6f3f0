/** Pages for paper: HTML with our fonts and drawings, as PDF. */
@NullMarked
package loosehip.app.paper;

import org.jspecify.annotations.NullMarked;
