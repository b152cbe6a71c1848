package ablemedic.app.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** What a request that came over the network bears: that it did, and which paired seat sent it. */
public final class PairedDevice {
    private static final String MARK = PairedDevice.class.getName();

    private PairedDevice() {}

    /** @param seat its id; empty while it is not paired */
    public static void mark(HttpServletRequest request, String seat) {
        request.setAttribute(MARK, seat);
    }

    /** The seat that sent a request; empty for one that is not paired, nothing for the bench. */
    public static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable((String) request.getAttribute(MARK));
    }
}
