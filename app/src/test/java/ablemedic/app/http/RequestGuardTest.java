package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningApp.class)
class RequestGuardTest {
    private final App app;

    RequestGuardTest(App app) {
        this.app = app;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "TRACE / HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "DELETE /api/crafts HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "GET /api/%zz HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "GET /api/crafts/%00 HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "GET /..%2f..%2fetc HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "GET /api/health HTTP/1.1\r\nConnection: close\r\n\r\n",
                "GET /api/health HTTP/1.1\r\nHost: a b\r\nConnection: close\r\n\r\n",
                "GET /a[b HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n",
                "POST /api/crafts HTTP/1.1\r\nHost: localhost\r\nContent-Length: x\r\nConnection: close\r\n\r\n"
            })
    void whatTheServerItselfRefusesBearsTheHeadersToo(String request) throws IOException {
        try (Wire wire = new Wire(app)) {
            String answer = wire.send(request).answer(3000);
            assertThat(answer)
                    .startsWith("HTTP/1.1 4")
                    .contains("Content-Security-Policy: default-src 'self'")
                    .contains("X-Content-Type-Options: nosniff")
                    .doesNotContain("Tomcat")
                    .doesNotContain("at org.");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      evil.example        | 403
      evil.example:8642   | 403
      localhost           | 200
      127.0.0.1           | 200
      LocalHost           | 200
      """)
    void aForeignHostIsTurnedAway(String host, int status) throws IOException {
        try (Wire wire = new Wire(app)) {
            assertThat(wire.send("GET /api/health HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .answer(3000))
                    .startsWith("HTTP/1.1 " + status);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      http://localhost                    | 200
      https://LOCALHOST                   | 200
      http://evil.example                 | 403
      evil://evil.example://localhost     | 403
      http://[                            | 403
      null                                | 403
      """)
    void aPageOfAnotherSiteIsTurnedAwayAsIsAnOriginThatIsNone(String origin, int status) throws IOException {
        try (Wire wire = new Wire(app)) {
            assertThat(wire.send("GET /api/health HTTP/1.1\r\nHost: localhost\r\nOrigin: " + origin
                                    + "\r\nConnection: close\r\n\r\n")
                            .answer(3000))
                    .startsWith("HTTP/1.1 " + status);
        }
    }

    @Test
    void aNameThatStandsTwiceInAnAddressIsRefusedInWords() throws IOException {
        try (Wire wire = new Wire(app)) {
            assertThat(wire.send(
                                    "GET /api/checks?craft=A&craft=B HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n")
                            .answer(3000))
                    .startsWith("HTTP/1.1 400")
                    .contains("stands twice");
        }
    }

    @Test
    void tooMuchWithoutALengthIsRefusedToo() throws IOException {
        StringBuilder chunks = new StringBuilder("POST /api/crafts HTTP/1.1\r\nHost: localhost\r\n"
                + "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n");
        for (int i = 0; i < 70; i++) {
            chunks.append("1000\r\n").append(" ".repeat(4096)).append("\r\n");
        }
        try (Wire wire = new Wire(app)) {
            assertThat(wire.send(chunks.toString()).answer(3000))
                    .startsWith("HTTP/1.1 413")
                    .contains("256 kB");
        }
    }

    @Test
    void bodiesThatNeverComeWholeKeepNobodyElseOut() throws IOException {
        List<Wire> halves = new ArrayList<>();
        try {
            for (int i = 0; i < 24; i++) {
                halves.add(new Wire(app)
                        .send("POST /api/crafts HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                + "Content-Length: 500\r\n\r\n{\"craftId\": "));
            }
            assertThat(app.send("GET", "/api/health", "").statusCode()).isEqualTo(200);
            List<String> answers = new ArrayList<>();
            for (Wire half : halves) {
                answers.add(half.answer(20_000));
            }
            // Which of them come first to a thread, and so get a turn, is not the order they were sent in.
            assertThat(answers)
                    .allMatch(answer -> answer.matches("(?s)HTTP/1.1 (408|503) .*"))
                    .anyMatch(answer -> answer.startsWith("HTTP/1.1 408") && answer.contains("did not come in time"));
        } finally {
            for (Wire half : halves) {
                half.close();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "*/*, 415",
        "text/plain, 415",
        "multipart/form-data, 415",
        "application/x-www-form-urlencoded, 415",
        "nonsense, 415",
        "application/xml, 415"
    })
    void aBodyThatIsSaidNotToBeJsonIsRefusedPlainly(String type, int status) throws IOException {
        for (String path : List.of("/api/crafts", "/api/work-ups", "/api/batteries", "/api/instruments/pack")) {
            try (Wire wire = new Wire(app)) {
                assertThat(wire.send("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type
                                        + "\r\nContent-Length: 2\r\nConnection: close\r\n\r\n{}")
                                .answer(3000))
                        .as(path)
                        .startsWith("HTTP/1.1 " + status)
                        .contains("application/json");
            }
        }
    }

    @Test
    void theAddressOfErrorsIsNoAddress() {
        for (String method : List.of("GET", "POST", "DELETE")) {
            HttpResponse<String> answer = app.send(method, "/error", "");
            assertThat(answer.statusCode()).isEqualTo(404);
            assertThat(answer.body()).contains("nothing at this address");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      {"craftId": 5, "name": ""}                                        | craftId    | a text in quotes
      {"craftId": "Q", "name": true}                                    | name       | a text in quotes
      {"craftId": "Q", "name": "", "craftClass": 0}                     | craftClass | one of INCH_3
      {"craftId": "Q", "name": "", "craftClass": "0"}                   | craftClass | one of INCH_3
      {"craftId": "Q", "name": "", "craftClass": "HUGE"}                | craftClass | one of INCH_3
      {"craftId": "Q", "name": "", "craftClass": ""}                    | craftClass | one of INCH_3
      {"craftId": "Q", "name": "", "parts": "receiver"}                 | parts      | a list in square brackets
      {"craftId": "Q", "name": "", "mounted": 3}                        | mounted    | rollDeg, pitchDeg, yawDeg
      {"craftId": "Q", "name": "", "mounted": {"rollDeg": 0.5, "pitchDeg": 0, "yawDeg": 0}} | mounted.rollDeg | a whole number
      {"craftId": "Q", "name": "", "mounted": {"rollDeg": "0", "pitchDeg": 0, "yawDeg": 0}} | mounted.rollDeg | a whole number
      {"craftId": "Q", "name": "", "mounted": {"rollDeg": 99999999999, "pitchDeg": 0, "yawDeg": 0}} | mounted.rollDeg | a whole number
      {"craftId": "Q", "name": "", "mounted": {"pitchDeg": 0, "yawDeg": 0}} | mounted.rollDeg | a whole number
      {"craftId": "Q", "craftId": "R", "name": ""}                         | line 1     | twice
      {"craftId": "Q", "name": "", "wings": 2}                          | wings      | there is battery, builder, craftClass, craftId, layout
      [1, 2]                                                         | the body   | an object with the fields craftId
      """)
    void eachRefusalSaysWhereAndWhatWouldBeRightInTheUsersWords(String body, String where, String right) {
        HttpResponse<String> answer = app.send("POST", "/api/crafts", body);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(400);
        var error = app.json.readTree(answer.body()).get("errors").get(0);
        assertThat(error.get("where").asString()).startsWith(where);
        assertThat(error.get("right").asString()).contains(right);
        assertThat(answer.body())
                .doesNotContain("ablemedic.")
                .doesNotContain("java.")
                .doesNotContain("Feature")
                .doesNotContain("deserialize")
                .doesNotContain("Cannot construct");
    }

    @Test
    void aTextIsNoTruthValueAndAFractionNoWholeNumber() {
        String version = app.get("/api/crafts/EIDER").get("version").toString();
        for (String field : List.of("\"batteryIn\": \"true\"", "\"batteryIn\": 1")) {
            assertThat(app.send("PUT", "/api/work-ups/1/bench-state", "{\"version\": 1, \"state\": {" + field + "}}")
                            .statusCode())
                    .isEqualTo(400);
        }
        assertThat(app.send(
                                "PATCH",
                                "/api/crafts/EIDER",
                                "{\"version\": " + version
                                        + ".9, \"name\": \"x\", \"state\": \"FIT\", \"reason\": \"\"}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void viewsOfNamesWithADotAreReloadedAsPages() {
        for (String path :
                List.of("/crafts/A.B", "/crafts/A.B/wiring", "/batteries/4S.1", "/work-ups/1", "/crafts/new")) {
            HttpResponse<String> page = app.send("GET", path, new byte[0], "Accept", "text/html");
            assertThat(page.statusCode()).as(path).isEqualTo(200);
            assertThat(page.body()).contains("<div id=\"app\"");
        }
        assertThat(app.send("GET", "/assets/missing.js", "").statusCode()).isEqualTo(404);
        assertThat(app.send("GET", "/missing.png", "").statusCode()).isEqualTo(404);
    }

    @Test
    void aLongNameIsNotEchoedWhole() {
        String long1 = "x".repeat(3000);
        assertThat(app.send("GET", "/api/crafts/" + long1, "").body().length()).isLessThan(1500);
        assertThat(app.send("POST", "/api/crafts", ("{\"" + long1 + "\": 1}").getBytes(StandardCharsets.UTF_8))
                        .body()
                        .length())
                .isLessThan(1500);
    }
}
