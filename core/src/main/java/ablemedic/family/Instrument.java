package ablemedic.family;

/**
 * A computation that stands alone.
 *
 * @param id stable name in kebab case; its screen and its address go by it
 * @param title for people
 * @param text what it tells, in a sentence
 */
public record Instrument(String id, String title, String text) {}
