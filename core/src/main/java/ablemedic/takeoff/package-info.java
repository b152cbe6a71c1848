/**
 * Why a quad flips, tips, spins or shakes at take-off: the faults behind it, what each makes the craft do, the checks
 * that tell them apart and the solvers that work out the settings to enter. The motion is reckoned twice and
 * independently, from the linear loop at lift-off ({@link ablemedic.takeoff.LinearMotion}) and by simulation in time
 * ({@link ablemedic.takeoff.TimeSimulation}). Axes: x forward, y right, z down; right side down, nose up and nose right
 * count positive (ISO 1151-1).
 */
@org.jspecify.annotations.NullMarked
package ablemedic.takeoff;
