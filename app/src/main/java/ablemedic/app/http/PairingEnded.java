package ablemedic.app.http;

/**
 * Another device is let in no more; what it still hears ends.
 *
 * @param device its id
 */
public record PairingEnded(String device) {}
