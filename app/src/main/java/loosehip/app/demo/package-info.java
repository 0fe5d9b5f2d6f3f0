/** The invented Corrie Brae practice. */
@NullMarked
package loosehip.app.demo;

import org.jspecify.annotations.NullMarked;
