/**
 * What families are put together from: a fault and a check made of their parts, the odds of a fault, and a complaint
 * with the checks that prove it cured, and the place on a craft where a check acts. A family is a package that offers a
 * book of these for a craft. It knows the craft and the reasoning, and no other family.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.family;
