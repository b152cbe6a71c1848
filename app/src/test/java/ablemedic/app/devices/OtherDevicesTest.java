package ablemedic.app.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.app.RunningApp.App;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ConnectException;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * The way in of other devices, over real sockets and TLS: who is not paired gets nothing, who is paired works, who is
 * ended is out.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OtherDevicesTest {
    private Path folder;
    private App app;
    private int port;
    private HttpClient tablet;

    @BeforeAll
    void start(@TempDir Path folder) throws Exception {
        this.folder = folder;
        port = free();
        app = App.on(folder.resolve("lan.db"), "--medic.lan.mode=tls", "--medic.lan.port=" + port);
        KeyStore trusted = KeyStore.getInstance(
                folder.resolve("second-seats.p12").toFile(),
                Files.readString(folder.resolve("second-seats.password")).toCharArray());
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        KeyStore certificate = KeyStore.getInstance("PKCS12");
        certificate.load(null);
        certificate.setCertificateEntry("workshop", trusted.getCertificate("second-seats"));
        trust.init(certificate);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        tablet = HttpClient.newBuilder().sslContext(context).build();
        app.ask(
                "POST",
                "/api/crafts",
                "{\"craftId\":\"LAN\",\"name\":\"\",\"craftClass\":\"INCH_5\",\"spins\":\"INWARD\",\"numbering\":\"REAR_RIGHT_FIRST\",\"mode\":\"LEVEL\"}");
    }

    @AfterAll
    void stop() {
        app.close();
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create("https://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(20));
    }

    private HttpResponse<String> get(String path, String cookie) throws Exception {
        HttpRequest.Builder request = to(path);
        if (!cookie.isEmpty()) {
            request.header("Cookie", cookie);
        }
        return tablet.send(request.build(), BodyHandlers.ofString());
    }

    private HttpResponse<String> send(String method, String path, String body, String cookie) throws Exception {
        HttpRequest.Builder request =
                to(path).header("Content-Type", "application/json").method(method, BodyPublishers.ofString(body));
        if (!cookie.isEmpty()) {
            request.header("Cookie", cookie);
        }
        return tablet.send(request.build(), BodyHandlers.ofString());
    }

    private HttpResponse<String> pair(String code, String name) throws Exception {
        return send("POST", "/api/devices/pair", "{\"code\":\"" + code + "\",\"name\":\"" + name + "\"}", "");
    }

    private String paired(String name) throws Exception {
        String code = app.ask("POST", "/api/devices/code", "")
                .get("code")
                .get("digits")
                .asString();
        String set = pair(code, name).headers().firstValue("Set-Cookie").orElseThrow();
        assertThat(set).startsWith("__Host-seat=").contains("Secure", "HttpOnly", "SameSite=Strict", "Path=/");
        return set.substring(0, set.indexOf(';'));
    }

    /** Every address of the interface, also written in ways that a server reads otherwise than a filter might. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/crafts",
                "/api",
                "/api/",
                "/api/health",
                "/api/docs",
                "/api/devices",
                "/%61pi/crafts",
                "/ap%69/crafts",
                "//api/crafts",
                "/./api/crafts",
                "/x/../api/crafts",
                "/api;x=1/crafts",
                "/;x/api/crafts",
                "/api/crafts;y",
                "/api%2Fcrafts",
                "/assets/../api/crafts",
                "/assets/%2e%2e/api/crafts",
                "/api/devices/pair/../../crafts"
            })
    void whoIsNotPairedGetsNothingOfTheData(String path) throws IOException, InterruptedException {
        String answer = raw("GET " + path + " HTTP/1.1");
        String status = answer.substring(9, 12);
        assertThat(status).as(path + ": " + answer).matches("400|401|404");
        assertThat(answer).doesNotContain("LAN\"", "openapi");
    }

    /** Sends a request as it is written, which no client library would. */
    private String raw(String line) throws IOException {
        try (Socket socket = tablet.sslContext().getSocketFactory().createSocket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write((line + "\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }

    @Test
    void thePagesAreThereBeforePairingSinceTheyHoldNoData() throws Exception {
        for (String path : List.of("/", "/pair", "/crafts/LAN", "/work-ups/1", "/API/crafts")) {
            HttpResponse<String> page = get(path, "");
            assertThat(page.statusCode()).as(path).isEqualTo(200);
            assertThat(page.body()).contains("<div id=\"app\"").doesNotContain("LAN");
            assertThat(page.headers().firstValue("Content-Security-Policy")).isPresent();
        }
    }

    @Test
    void aPairedSeatWorksAndIsListedAndOutWhenItIsEnded() throws Exception {
        String device = paired("tablet at the iron");
        assertThat(get("/api/crafts", device).body()).contains("LAN");
        HttpResponse<String> opened = send(
                "POST",
                "/api/work-ups",
                "{\"craftId\":\"LAN\",\"complaint\":\"from the tablet\",\"occasion\":\"NOTHING_KNOWN\",\"seen\":{}}",
                device);
        assertThat(opened.statusCode()).isEqualTo(201);
        long id = app.json.readTree(opened.body()).get("id").asLong();
        CompletableFuture<String> heard = listen(id, device);
        JsonNode listed = app.get("/api/devices")
                .get("devices")
                .valueStream()
                .filter(one -> one.get("name").asString().equals("tablet at the iron"))
                .findFirst()
                .orElseThrow();
        assertThat(listed.get("from").asString()).isEqualTo("127.0.0.1");
        app.ask("DELETE", "/api/devices/" + listed.get("id").asString(), "");
        assertThat(heard.get(5, TimeUnit.SECONDS))
                .as("the line ends with the seat")
                .isEqualTo("ended");
        assertThat(get("/api/crafts", device).statusCode()).isEqualTo(401);
        app.refused(404, "DELETE", "/api/devices/" + listed.get("id").asString(), "");
    }

    private CompletableFuture<String> listen(long workUp, String device) throws Exception {
        var response = tablet.send(
                to("/api/work-ups/" + workUp + "/live").header("Cookie", device).build(), BodyHandlers.ofInputStream());
        BufferedReader lines = new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8));
        assertThat(lines.readLine()).startsWith("data:");
        return CompletableFuture.supplyAsync(() -> {
            try (lines) {
                while (lines.readLine() != null) {
                    // Until there is no more.
                }
            } catch (IOException e) {
                return "ended";
            }
            return "ended";
        });
    }

    @Test
    void noSeatLetsInOrSendsAwayAnother() throws Exception {
        String device = paired("one that would");
        for (String[] one : new String[][] {
            {"GET", "/api/devices"},
            {"POST", "/api/devices/code"},
            {"DELETE", "/api/devices/seat-1"},
            {"POST", "/api/%64evices/code"}
        }) {
            assertThat(send(one[0], one[1], "", device).statusCode())
                    .as(one[0] + " " + one[1])
                    .isEqualTo(403);
        }
        assertThat(send("DELETE", "/api/devices/mine", "", device).statusCode())
                .as("it may leave")
                .isEqualTo(200);
        assertThat(get("/api/crafts", device).statusCode()).isEqualTo(401);
    }

    /**
     * What a paired device may not do, of all that the interface has; a new operation is its to use unless it stands
     * here.
     */
    private static final Set<String> AT_THE_BENCH = Set.of(
            "POST /api/backups",
            "PUT /api/backups",
            "GET /api/devices",
            "POST /api/devices/code",
            "DELETE /api/devices/{id}");

    @Test
    void ofEveryOperationItIsSaidWhetherAPairedDeviceMay() throws Exception {
        String device = paired("a tablet");
        Set<String> refused = new TreeSet<>();
        for (var path : app.get("/api/docs").get("paths").properties()) {
            for (var method : path.getValue().properties()) {
                String operation = method.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey();
                // To leave ends it, and a live line has no end.
                if (operation.equals("DELETE /api/devices/mine")
                        || path.getKey().endsWith("/live")) {
                    continue;
                }
                String at = path.getKey()
                        .replaceAll("\\{(id|n|number|line)}", "987654")
                        .replaceAll("\\{\\w+}", "none");
                int status = send(
                                method.getKey().toUpperCase(Locale.ROOT),
                                at,
                                method.getKey().equals("get") ? "" : "{}",
                                device)
                        .statusCode();
                assertThat(status).as(operation).isNotEqualTo(401).isLessThan(500);
                if (status == 403) {
                    refused.add(operation);
                }
            }
        }
        assertThat(refused).isEqualTo(new TreeSet<>(AT_THE_BENCH));
    }

    @Test
    void aWrongCodeAndNoCodeAreSaidAndAForgedCookieIsNone() throws Exception {
        String code = app.ask("POST", "/api/devices/code", "")
                .get("code")
                .get("digits")
                .asString();
        String wrong = code.equals("00000000") ? "00000001" : "00000000";
        assertThat(pair(wrong, "guesser")).satisfies(refused -> {
            assertThat(refused.statusCode()).isEqualTo(422);
            assertThat(refused.body()).contains("not the code");
            assertThat(refused.headers().firstValue("Set-Cookie")).isEmpty();
        });
        assertThat(app.get("/api/devices").get("code").get("triesLeft").asInt()).isEqualTo(Pairing.TRIES - 1);
        assertThat(get("/api/crafts", "__Host-seat=" + "0".repeat(64)).statusCode())
                .isEqualTo(401);
        assertThat(get("/api/crafts", "__Host-seat=").statusCode()).isEqualTo(401);
    }

    @Test
    void theBenchNeedsNoPairingAndStaysOnLoopback() throws Exception {
        assertThat(app.send("GET", "/api/crafts", "").statusCode()).isEqualTo(200);
        app.refused(409, "POST", "/api/devices/pair", "{\"code\":\"12345678\",\"name\":\"x\"}");
        app.refused(409, "DELETE", "/api/devices/mine", "");
        for (String address : Lan.addresses()) {
            assertThatThrownBy(() -> new Socket(address, app.port()).close()).isInstanceOf(ConnectException.class);
            try (Socket devices = new Socket(address, port)) {
                assertThat(devices.isConnected()).isTrue();
            }
        }
    }

    @Test
    void theCertificateSignsItselfNamesItsAddressesAndLiesWithItsOwnerAlone() throws Exception {
        assertThatThrownBy(() -> HttpClient.newHttpClient().send(to("/").build(), BodyHandlers.ofString()))
                .as("nobody trusts it unasked")
                .isInstanceOf(SSLHandshakeException.class);
        for (String file : List.of("second-seats.p12", "second-seats.password")) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve(file))))
                    .isEqualTo("rw-------");
        }
        assertThat(app.get("/api/devices").get("fingerprint").asString()).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        LanCertificate kept = LanCertificate.beside(folder.resolve("lan.db"), List.of());
        assertThat(kept.fingerprint())
                .as("made once")
                .isEqualTo(app.get("/api/devices").get("fingerprint").asString());
        Path none = Files.writeString(folder.resolve("none.p12"), "no certificate");
        assertThatThrownBy(() -> new LanCertificate(none, "x").fingerprint())
                .isInstanceOf(UnusableException.class)
                .hasMessageContaining("PKCS #12");
    }

    @Test
    void withoutBeingAskedForNothingListensToTheNetwork(@TempDir Path other) throws IOException {
        int unused = free();
        try (App alone = App.on(other.resolve("alone.db"), "--medic.lan.port=" + unused)) {
            assertThatThrownBy(() -> new Socket("127.0.0.1", unused).close()).isInstanceOf(ConnectException.class);
            assertThat(alone.get("/api/devices").get("mode").asString()).isEqualTo("OFF");
            alone.refused(409, "POST", "/api/devices/code", "");
        }
    }

    @Test
    void behindAServerInFrontTheWayInIsPlainOnLoopbackAndStillShut(@TempDir Path other) throws Exception {
        int behind = free();
        try (App proxied = App.on(other.resolve("behind.db"), "--medic.lan.mode=proxy", "--medic.lan.port=" + behind)) {
            HttpClient front = HttpClient.newHttpClient();
            URI crafts = URI.create("http://127.0.0.1:" + behind + "/api/crafts");
            assertThat(front.send(HttpRequest.newBuilder(crafts).build(), BodyHandlers.ofString())
                            .statusCode())
                    .isEqualTo(401);
            assertThat(proxied.get("/api/devices").get("mode").asString()).isEqualTo("PROXY");
            for (String address : Lan.addresses()) {
                assertThatThrownBy(() -> new Socket(address, behind).close()).isInstanceOf(ConnectException.class);
            }
        }
    }
}
