/**
 * What a safe, working craft satisfies. A {@link ablemedic.requirement.Requirement} is a rule over the craft as
 * recorded; what it finds violated comes with the reason and the smallest edits that satisfy it. From these
 * {@link ablemedic.requirement.Required} finds the craft as required, which every set-up, proof and routine expects,
 * and what of the record conflicts with it.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.requirement;
