/**
 * Linear circuits: conductances and capacitances between numbered nodes, solved by nodal analysis. Start at
 * {@link ablemedic.circuit.Network}, which answers what a meter would read between any two nodes, how long the reading
 * takes to settle and what voltage each node has. A network altered in a few places is answered from the one it came
 * from, which is what makes hundreds of suspects cheap.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.circuit;
