/**
 * The serial lines of one craft as they are: which there are by its sheet ({@link CraftLines}), and whether what one
 * end sends reaches the other. What becomes of a line follows from wires, supply and ground on the craft's network, and
 * from the rules that judge two ends against one another ({@link JoinedPart}). It knows no complaint and no suspect.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.uart;
