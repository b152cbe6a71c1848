/**
 * Serial wiring and telemetry as a fault family: which pad, UART, level and baud rate. {@link Serial} is what the
 * family is made of; each of its instruments is a class of its own. What goes over a wire is known to
 * {@link ablemedic.protocol}, and read from recordings by {@link ablemedic.capture}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.serial;
