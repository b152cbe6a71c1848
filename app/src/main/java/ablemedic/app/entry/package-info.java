/**
 * What a person enters at a check, read by the check's own answers: outcomes by name, or a number as people write it.
 * Work-ups and the pre-power routine share it, so that a reading is refused in the same words everywhere. It keeps
 * nothing.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.entry;
