/**
 * The one SQLite file: whether it is ours and sound, who may use it, how it is written, backed up and restored, and the
 * JSON in it. Each view keeps its own SQL beside it; what is here is shared by all. One transaction writes at a time, a
 * connection that failed is thrown away, and a file that is not ours, is locked or comes from a newer version is
 * refused before anything touches it.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.storage;
