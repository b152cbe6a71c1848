/**
 * What a craft was told at some time, as a settings export has it: {@link ablemedic.snapshot.Snapshot}. From two of
 * them follow the changes, with what each can cause by the physics of this craft and how well it explains an open
 * complaint; from one follows a finding that settles every suspect that is a setting, and the list of what must be put
 * back. The engine and the families are used as they are: a snapshot is a craft told otherwise.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.snapshot;
