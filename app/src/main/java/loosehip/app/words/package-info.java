/**
 * The one room where facts and reasons of the core are put into words, and numbers and dates into
 * figures. Words leave the application from here; nothing reads them back.
 */
@NullMarked
package loosehip.app.words;

import org.jspecify.annotations.NullMarked;
