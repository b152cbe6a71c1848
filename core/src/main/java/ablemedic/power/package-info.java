/**
 * Power and voltage: shorts, dead arms, parts without power, wrong readings, tight budgets. The craft's wiring becomes
 * a resistive network, of which {@link ablemedic.power.PackOut} says what a meter reads with the battery out and
 * {@link ablemedic.power.Powered} which voltages stand with the battery in; faults alter its elements. Start at
 * {@link ablemedic.power.Power}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.power;
