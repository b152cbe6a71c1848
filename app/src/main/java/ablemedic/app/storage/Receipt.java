package ablemedic.app.storage;

/** Whether the request in hand has written anything, so that what is said of a later failure is true. */
public final class Receipt {
    private static final ThreadLocal<Boolean> WRITTEN = new ThreadLocal<>();

    private Receipt() {}

    /** Begins a request. */
    public static void begin() {
        WRITTEN.remove();
    }

    static void written() {
        WRITTEN.set(true);
    }

    public static boolean isWritten() {
        return WRITTEN.get() != null;
    }
}
