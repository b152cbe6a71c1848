/**
 * The rules and the computation of Able Medic, without interface, storage or framework. {@code craft} is the model,
 * {@code diagnosis} the reasoning, and each family adds its faults, checks and physics. {@link ablemedic.Families}
 * lists them.
 */
@org.jspecify.annotations.NullMarked
package ablemedic;
