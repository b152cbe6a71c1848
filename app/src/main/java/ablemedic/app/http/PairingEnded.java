package ablemedic.app.http;

/**
 * A second seat is let in no more; what it still hears ends.
 *
 * @param seat its id
 */
public record PairingEnded(String seat) {}
