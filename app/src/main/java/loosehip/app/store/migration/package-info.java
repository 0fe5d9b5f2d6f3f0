/**
 * Steps that bring a data base of an earlier version up to date where SQL alone cannot. They read
 * what earlier versions wrote, once; nothing else does.
 */
@NullMarked
package loosehip.app.store.migration;

import org.jspecify.annotations.NullMarked;
