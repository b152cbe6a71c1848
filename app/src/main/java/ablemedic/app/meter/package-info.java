/**
 * The technician's own meter: its accuracy, its leads, its test voltage, kept once for the workshop. Every prediction
 * of a reading goes through it. A change holds for all work-ups from then on.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.meter;
