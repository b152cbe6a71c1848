/**
 * The parts shelf: sorts of parts to build a craft from, and the usual layouts that are built of them. Sorts are data,
 * one JSON document each in the form of {@link ablemedic.shelf.PartSort}; those that ship lie beside the code, a
 * workshop adds its own. All that ship are invented.
 */
package ablemedic.parts;
