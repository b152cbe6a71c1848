/** The handbook over HTTP. The pages themselves are the core's. */
@org.jspecify.annotations.NullMarked
package ablemedic.app.handbook;
