package ablemedic.app.devices;

import ablemedic.app.devices.PairedDevices.Device;
import ablemedic.app.http.PairedDevice;
import ablemedic.app.http.Refused;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever comes in by the way of other device and is not paired gets the pages, which hold no data, and may try a
 * pairing code. Who is paired may do what the bench does; but nobody is let in or sent away by a device, which its
 * controller sees to.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class LanGate extends OncePerRequestFilter {
    private static final Words SAID = Catalogue.beside(LanGate.class, "words").of("lan-gate");
    /** The prefix has browsers take it over TLS only, for this host only. */
    static final String COOKIE = "__Host-seat";

    static final String PAIR = "/api/devices/pair";
    /**
     * A page or what it loads. Nothing that a server reads otherwise than it is written, such as an escape or a dot
     * segment, is one.
     */
    private static final Pattern PAGE =
            Pattern.compile("/|(/(?!api(/|$))[A-Za-z0-9_-][A-Za-z0-9._-]*)(/[A-Za-z0-9_-][A-Za-z0-9._-]*)*/?");

    private final Lan lan;
    private final PairedDevices devices;

    LanGate(Lan lan, PairedDevices devices) {
        this.lan = lan;
        this.devices = devices;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!lan.isOn() || request.getLocalPort() != lan.port()) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Device> device = cookies(request)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .flatMap(secret -> devices.seen(secret).stream())
                .findFirst();
        String path = request.getRequestURI();
        boolean page = request.getMethod().equals("GET") && PAGE.matcher(path).matches();
        if (device.isEmpty() && !page && !path.equals(PAIR)) {
            Refused.write(response, 401, SAID.line("not-paired").plain());
        } else {
            PairedDevice.mark(request, device.map(Device::id).orElse(""));
            chain.doFilter(request, response);
        }
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return true;
    }

    private static Stream<Cookie> cookies(HttpServletRequest request) {
        return request.getCookies() == null ? Stream.empty() : Stream.of(request.getCookies());
    }
}
