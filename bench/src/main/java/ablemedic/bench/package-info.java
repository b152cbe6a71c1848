/**
 * The benchmark: how well the reasoning does, beside two habits and the bound that entropy sets, and how fast it is.
 * Speeds are given as ratios to a piece of fixed work in the same run, so that they can be compared between machines.
 * Start at {@link ablemedic.bench.Bench}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.bench;
