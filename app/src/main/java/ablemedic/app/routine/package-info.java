/**
 * The pre-power routine of each craft: its steps, its runs, and whether it is due. A run that passed unlocks every
 * check that needs the battery; a crash, a new part, an opened stack or a physical fix makes it due again. Runs are
 * kept whole and never changed.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.routine;
