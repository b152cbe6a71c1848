/**
 * The texts: a page for every sort of fault and check, for the conventions of practice and for the cautions. They are
 * data files beside the code, and a test holds them against the book so that neither lacks the other. A page is found
 * by the {@code kind} of a fault or check.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.handbook;
