package ablemedic.app.http;

/**
 * An answer failed when a part of it was sent already: the connection is cut, so that nobody takes the part for the
 * whole.
 */
public final class BrokenOffException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public BrokenOffException(Throwable why) {
        super(why);
    }
}
