/**
 * The bench, the home of the product: which crafts need something, what the next step of each is, which may fly and
 * which may not. It asks the other views' stores and keeps nothing itself.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.bench;
