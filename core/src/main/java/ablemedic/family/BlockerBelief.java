package ablemedic.family;

/**
 * What may keep a craft from arming, by all that is known in its work-up.
 *
 * @param label what it is about
 * @param shut probability that it is active, 0 to 1
 */
public record BlockerBelief(String id, String label, double shut) {}
