/**
 * Numbers as people at a bench write them, and what they mean: {@code 15,2 V}, {@code 12k}, {@code 410 g}, {@code OL}.
 * Everything inside the core is in SI units; this is the one place where other units come in. A number that cannot be
 * read is refused with what would be right.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.reading;
