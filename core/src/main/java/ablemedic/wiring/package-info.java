/**
 * The electrical side of one craft: parts with their pads, leads between them, the pack, what the board was told of
 * them, and what has come to harm. {@link ablemedic.electrics.ElectricSheet} is what a person enters,
 * {@link ablemedic.electrics.Wiring} the nodes and links that follow from it, {@link ablemedic.electrics.Electrics} a
 * wiring with its harm. Everything is a value; arms are numbered 0 to 3 in the order of the craft's corners.
 */
package ablemedic.wiring;
