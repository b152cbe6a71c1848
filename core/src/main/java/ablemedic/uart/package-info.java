/**
 * The serial lines of one craft as they are: which there are by its sheet ({@link ablemedic.line.CraftLines}), and
 * whether what one end says reaches the other. What becomes of a line follows from leads, supply and ground on the
 * craft's network, and from the rules that judge two ends against one another ({@link ablemedic.line.JoinedPart}). It
 * knows no complaint and no suspect: the families of troubles read it.
 */
package ablemedic.uart;
