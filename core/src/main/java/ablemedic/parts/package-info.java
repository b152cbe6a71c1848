/**
 * The parts library: part types to build a craft from, and the usual wiring layouts that are built of them. Part types
 * are data, one JSON document each in the form of {@link PartType}; those that ship lie beside the code, a workshop
 * adds its own. All that ship are invented.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.parts;
