/**
 * Serial wiring and telemetry: which pad, which port, which level, which rate. {@link ablemedic.serial.Serial} is what
 * the family is made of; each of its instruments is a class of its own that says what it works out. What stands on a
 * wire is known to {@link ablemedic.wire}, and read from recordings by {@link ablemedic.capture}.
 */
package ablemedic.serial;
