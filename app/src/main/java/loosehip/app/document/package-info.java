/**
 * Documents: records that Jackson reads and writes, checked against JSON Schemas. Needs no
 * application context.
 */
@NullMarked
package loosehip.app.document;

import org.jspecify.annotations.NullMarked;
