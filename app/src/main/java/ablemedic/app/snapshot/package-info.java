/**
 * The settings of a craft as listed, on its chart: snapshots in, what each holds and what does not go with the craft,
 * what changed since another and what that can cause, and the text that puts back what got lost. The rules are those of
 * {@link ablemedic.snapshot} and {@link ablemedic.firmware}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.snapshot;
