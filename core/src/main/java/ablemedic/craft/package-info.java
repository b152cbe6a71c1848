/**
 * The model of one craft: its frame, arms, board, wires, settings and radio, as immutable values. A craft says both how
 * it is built and what its board was told; a sound craft is one where the two agree. Every family reads it, every fault
 * returns a changed copy.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.craft;
