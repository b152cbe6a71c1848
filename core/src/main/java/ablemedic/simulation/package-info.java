/**
 * Craft that answer checks in place of real ones: with a hidden fault, unlike their sheet in what is only guessed, read
 * by somebody who is wrong now and then. {@link SimulatedCraft} gives the answers, {@link SimulatedBody} draws what the
 * sheet does not know. Nothing here believes or plans anything: it is what the reasoning is tried on.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.simulation;
