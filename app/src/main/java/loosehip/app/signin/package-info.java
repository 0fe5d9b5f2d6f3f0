/** Who may come in: form sign-in, throttling, the owner's one-time set-up link. */
@NullMarked
package loosehip.app.signin;

import org.jspecify.annotations.NullMarked;
