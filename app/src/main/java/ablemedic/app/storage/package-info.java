/**
 * The one SQLite file: whether it is ours, and the times and JSON in it. Each view keeps its own SQL beside it; what is
 * here is shared by all. A file that is not ours, is locked or comes from a newer version is refused before anything
 * touches it.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.storage;
