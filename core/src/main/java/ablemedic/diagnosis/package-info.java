/**
 * The reasoning: from a system as it should be, faults that change it and checks that predict from it, to what is
 * believed and what to do next. Start at {@link ablemedic.diagnosis.Diagnosis}; it is generic over the system and knows
 * nothing of any trade, so that it can be proven on published examples. Everything here is a pure function of its
 * arguments: the same case gives the same posterior and the same plan.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.diagnosis;
