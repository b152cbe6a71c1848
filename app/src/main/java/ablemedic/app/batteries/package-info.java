/**
 * Batteries and their log: what each is, what happened to it, and what follows for its resistance, its usable charge,
 * when to land and how long it flies. The arithmetic is the core's; here it is kept and asked for. Entries are only
 * ever added.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.batteries;
