/**
 * The electrical side of one craft. {@link ElectricSheet} is what a person enters: parts with their pads, wires, the
 * battery; {@link Wiring} the nodes and links that follow from it, {@link Electrics} a wiring with its defects. A
 * {@link Defect} belongs to a family and is told to physics as {@link Effect}s; everything is a value.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.wiring;
