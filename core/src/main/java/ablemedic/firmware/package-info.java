/**
 * Firmware families: the names that a family has for what a board is told, with its values, units and versions. A
 * {@link ablemedic.firmware.Dictionary} turns a settings export into settings and settings into a text to paste, and
 * says of every line what it made of it. Families are tables of names, values and versions that a workshop can edit;
 * two invented ones ship.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.firmware;
