/**
 * What flows in a craft as it is wired and harmed: which resistance a meter finds between two points with the battery
 * out ({@link ablemedic.physics.BatteryOut}), which voltages stand with it in ({@link ablemedic.physics.Powered}), and
 * how much of its voltage and signal reaches each drive ({@link ablemedic.physics.Drives}). All of it follows from the
 * craft when it is asked for, and none of it is kept in the model. Every family of troubles reads it; it knows none of
 * them.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.physics;
