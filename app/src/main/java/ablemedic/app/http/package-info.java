/**
 * What all views share on the way in and out: problem details for everything that is refused, limits and security
 * headers, and the pages of the front end. A request is refused at this border, in the user's words and with the place.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.http;
