/**
 * Firmware families in the application: those that ship and those that the workshop entered, each a table that goes out
 * and in as CSV. What a table means is {@link ablemedic.firmware}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.firmware;
