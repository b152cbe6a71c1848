/**
 * The demo bench: Skerry Loft, invented. Its crafts and work-ups stand in a data file and are entered through the same
 * rules as anybody's, at times counted back from today, so that nothing in it could not have happened.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.demo;
