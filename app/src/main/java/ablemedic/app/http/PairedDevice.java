package ablemedic.app.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** What a request that came over the network bears: that it did, and which paired device sent it. */
public final class PairedDevice {
    private static final String MARK = PairedDevice.class.getName();

    private PairedDevice() {}

    /** @param device its id; empty while it is not paired */
    public static void mark(HttpServletRequest request, String device) {
        request.setAttribute(MARK, device);
    }

    /** The device that sent a request; empty for one that is not paired, nothing for the bench. */
    public static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable((String) request.getAttribute(MARK));
    }
}
