package ablemedic.app.http;

import ablemedic.app.storage.Receipt;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Every request passes here: bounded bodies, read in bounded time, no pages of other sites behind it, and headers that
 * keep a page from loading or sending anything elsewhere.
 */
@Component
class RequestGuard extends OncePerRequestFilter {
    private static final Words SAID =
            Catalogue.beside(RequestGuard.class, "words").of("request-guard");
    static final int LARGEST_BODY = 256 * 1024;
    /** A recording of an analyser, which is read as it comes. */
    static final long LARGEST_FILE = 256L * 1024 * 1024;

    private static final Pattern FILES = Pattern.compile(
            "/api/(instruments/capture|instruments/radio-session/recording|work-ups/\\d{1,18}/captures|crafts/[^/]{1,200}/(snapshots|files)|firmware-families|bundles|crafts/table)");
    /** Marks a request whose body broke off. */
    static final String CUT_OFF = RequestGuard.class.getName() + ".cutOff";

    private static final int LONGEST_ADDRESS = 600;
    private static final Pattern JSON = Pattern.compile("application/json( *;.*)?", Pattern.CASE_INSENSITIVE);
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");

    private final String address;
    private final GoneClients clients;
    private final SlowSenders senders = new SlowSenders();

    RequestGuard(@Value("${server.address}") String address, GoneClients clients) {
        this.address = address;
        this.clients = clients;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Receipt.begin();
        if (request.getRequestURI().startsWith("/api/")) {
            response.setHeader("Cache-Control", "no-store");
        }
        String host = request.getServerName().toLowerCase(Locale.ROOT);
        boolean otherDevice = PairedDevice.of(request).isPresent();
        if (!otherDevice && !LOOPBACK.contains(host) && !host.equals(address) && LOOPBACK.contains(address)) {
            Refused.write(response, 403, SAID.line("localhost").plain());
            return;
        }
        String origin = request.getHeader("Origin");
        if (origin != null && !isOwn(origin, request.getHeader("Host"))) {
            Refused.write(response, 403, SAID.line("other-site").plain());
            return;
        }
        Optional<String> twice = twice(request.getQueryString());
        if (twice.isPresent()) {
            Refused.write(
                    response,
                    400,
                    SAID.with("name", Refusal.shortened(twice.get()))
                            .line("twice")
                            .plain());
            return;
        }
        if (request.getRequestURI().length() > LONGEST_ADDRESS) {
            Refused.write(response, 414, SAID.line("long").plain());
            return;
        }
        if (request.getMethod().equals("POST")
                && FILES.matcher(request.getRequestURI()).matches()) {
            Optional<SlowSenders.Turn> turn = senders.begin(request.getRemoteAddr());
            if (turn.isEmpty()) {
                refuseCrowd(response);
                return;
            }
            try (SlowSenders.Turn sending = turn.get()) {
                file(request, response, chain);
            }
            return;
        }
        if (request.getContentLengthLong() > LARGEST_BODY) {
            refuseTooLarge(response, LARGEST_BODY);
            return;
        }
        Optional<SlowSenders.Turn> turn =
                hasBody(request) ? senders.begin(request.getRemoteAddr()) : Optional.of(() -> {});
        if (turn.isEmpty()) {
            refuseCrowd(response);
            return;
        }
        ReadRequest read;
        try (SlowSenders.Turn sending = turn.get()) {
            read = ReadRequest.of(request, LARGEST_BODY);
        } catch (ReadRequest.TooLargeException e) {
            refuseTooLarge(response, LARGEST_BODY);
            return;
        } catch (IOException e) {
            // The server has an answer of its own under way then; Errors puts it in words.
            request.setAttribute(CUT_OFF, true);
            return;
        }
        if (read.hasBody()
                && !JSON.matcher(String.valueOf(request.getContentType())).matches()) {
            Refused.write(response, 415, SAID.line("json").plain());
            return;
        }
        if (!isQuestion(request) || otherDevice) {
            chain.doFilter(read, response);
            return;
        }
        GoneClients.Asking asking = clients.begin(request.getRemotePort());
        try {
            chain.doFilter(read, response);
        } finally {
            clients.end(asking);
        }
    }

    /** A file is read while it comes in; whoever sends it and goes away ends the reading by that. */
    private static void file(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // Charts wait on the disk and are read from there, one file at a time.
        long largest = request.getRequestURI().equals("/api/bundles") ? Long.MAX_VALUE : LARGEST_FILE;
        if (request.getContentLengthLong() > largest) {
            refuseTooLarge(response, largest);
        } else if (!String.valueOf(request.getContentType()).startsWith("application/octet-stream")) {
            Refused.write(response, 415, SAID.line("file").plain());
        } else {
            chain.doFilter(new BoundedRequest(request, largest), response);
        }
    }

    /** Whether a page that asks came from here. */
    private static boolean isOwn(String origin, @Nullable String host) {
        return ("http://" + host).equalsIgnoreCase(origin) || ("https://" + host).equalsIgnoreCase(origin);
    }

    /** A name that a query has twice, which would be read as one of the two, or as both. */
    private static Optional<String> twice(@Nullable String query) {
        Set<String> names = new HashSet<>();
        return query == null
                ? Optional.empty()
                : Arrays.stream(query.split("&"))
                        .map(one -> one.split("=", 2)[0])
                        .filter(name -> !name.isEmpty() && !names.add(name))
                        .findFirst();
    }

    /** Whether nothing is recorded by it. */
    private static boolean isQuestion(HttpServletRequest request) {
        return request.getMethod().equals("GET") || request.getRequestURI().startsWith("/api/instruments/");
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private static void refuseCrowd(HttpServletResponse response) throws IOException {
        response.setHeader("Retry-After", "3");
        Refused.write(response, 503, SAID.line("crowded").plain());
    }

    private static void refuseTooLarge(HttpServletResponse response, long most) throws IOException {
        Refused.write(
                response, 413, SAID.with("most", most / 1024).line("too-large").plain());
    }
}
