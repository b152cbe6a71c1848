/**
 * The set-up of each craft: begun for an occasion, gone through step by step, broken off and taken up again. What a
 * step gave is judged against what this craft should show; a step that does not give it opens a work-up with all
 * readings so far, and the set-up goes on where it stopped.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.setup;
