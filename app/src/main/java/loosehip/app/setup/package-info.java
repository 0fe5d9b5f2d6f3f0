/** Third station: how the golfer stands, in figures and by eye. */
@NullMarked
package loosehip.app.setup;

import org.jspecify.annotations.NullMarked;
