/**
 * The parts library of the workshop: the part types that ship, and those that it added. A sheet keeps a copy of each
 * own sort that it uses, so that what was built stays what it was when the parts library changes.
 */
@NullMarked
package ablemedic.app.parts;

import org.jspecify.annotations.NullMarked;
