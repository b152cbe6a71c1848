package ablemedic.listing;

/** What was given holds no setting at all. Its message says what a listing looks like. */
public final class NoListingException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    NoListingException(String message) {
        super(message);
    }
}
