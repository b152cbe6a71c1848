/**
 * The application around the core: HTTP, storage in one SQLite file and the pages it serves. A package for each view of
 * the product holds its controller, its SQL and its requests and responses; {@code http} and {@code storage} are what
 * they share. Nothing here reasons about crafts: it asks the core.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app;
