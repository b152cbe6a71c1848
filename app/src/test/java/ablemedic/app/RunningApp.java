package ablemedic.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The real application on a free port and a fresh demo bench, started once for all tests. */
public final class RunningApp implements ParameterResolver {
    private static final ExtensionContext.Namespace SPACE = ExtensionContext.Namespace.create(RunningApp.class);

    /** What tests ask. */
    public static final class App implements AutoCloseable {
        private final ConfigurableApplicationContext context;
        private final HttpClient client = HttpClient.newHttpClient();
        public final JsonMapper json = JsonMapper.builder().build();

        private App(ConfigurableApplicationContext context) {
            this.context = context;
            LoggedFailures.listen();
        }

        /** An application of its own on a database; the caller closes it. */
        public static App on(Path database, String... more) {
            List<String> args = new ArrayList<>(List.of("--server.port=0", "--medic.database=" + database));
            args.addAll(List.of(more));
            return new App(AbleMedic.start(args.toArray(String[]::new)));
        }

        /** An application with something of a test's own in it; the caller closes it. */
        public static App with(Class<?> addition, Path database) {
            return new App(SpringApplication.run(
                    new Class<?>[] {AbleMedic.class, addition},
                    new String[] {"--server.port=0", "--medic.database=" + database}));
        }

        /** A second application, on an empty database; the caller closes it. */
        public static App empty(Path folder) {
            return on(folder.resolve("empty.db"));
        }

        public int port() {
            return ((WebServerApplicationContext) context).getWebServer().getPort();
        }

        public String url(String path) {
            return "http://127.0.0.1:" + port() + path;
        }

        /** Sends a body as it is. */
        public HttpResponse<String> send(String method, String path, byte[] body, String... headers) {
            return sendAs(method, path, body, body.length > 0 ? "application/json" : "", headers);
        }

        /** Sends a body of a type, or of none. */
        public HttpResponse<String> sendAs(String method, String path, byte[] body, String type, String... headers) {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url(path)))
                    .method(method, body.length == 0 ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
            if (!type.isEmpty()) {
                request.header("Content-Type", type);
            }
            for (int i = 0; i + 1 < headers.length; i += 2) {
                request.header(headers[i], headers[i + 1]);
            }
            try {
                return client.send(request.build(), BodyHandlers.ofString());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }

        /** What is at a path, as it comes. */
        public byte[] bytes(String path) {
            try {
                return client.send(HttpRequest.newBuilder(URI.create(url(path))).build(), BodyHandlers.ofByteArray())
                        .body();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        public HttpResponse<String> send(String method, String path, String body) {
            return send(method, path, body.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        }

        /** Sends and expects success. A write in a work-up gives the view that follows it. */
        public JsonNode ask(String method, String path, String body) {
            JsonNode answer = answer(method, path, body);
            return answer.has("recorded") ? get("/api/work-ups/" + answer.get("id")) : answer;
        }

        /** Sends and expects success; gives just what was answered. */
        public JsonNode answer(String method, String path, String body) {
            HttpResponse<String> response = send(method, path, body);
            if (response.statusCode() / 100 != 2) {
                throw new AssertionError(method + " " + path + " gave " + response.statusCode() + ": " + response.body()
                        + (response.statusCode() < 500 ? "" : "\n" + LoggedFailures.newest()));
            }
            return json.readTree(response.body());
        }

        public JsonNode get(String path) {
            return ask("GET", path, "");
        }

        /** The detail of a refusal, after a look at its status. */
        public JsonNode refused(int status, String method, String path, String body) {
            HttpResponse<String> response = send(method, path, body);
            if (response.statusCode() != status) {
                throw new AssertionError(method + " " + path + " gave " + response.statusCode() + " instead of "
                        + status + ": " + response.body());
            }
            return json.readTree(response.body());
        }

        /** Runs the pre-power routine of a craft, on which all is as it should be. */
        public JsonNode runRoutine(String craftId) {
            ObjectNode readings = json.createObjectNode();
            get("/api/crafts/" + craftId + "/routine").get("steps").forEach(step -> {
                ObjectNode reading = readings.putObject(step.get("id").asString());
                JsonNode outcomes = step.get("question").get("outcomes");
                if (outcomes.isEmpty()) {
                    reading.put("written", asSomebodyReads(step.get("expected").asString()));
                } else {
                    reading.putObject("outcomes")
                            .put("seen", outcomes.get(0).get("id").asString());
                }
            });
            return ask(
                    "POST", "/api/crafts/" + craftId + "/routine", "{\"minutes\": 6, \"readings\": " + readings + "}");
        }

        /** A number as a meter shows it, from what a step expects. */
        public static String asSomebodyReads(String expected) {
            return expected.replace("about ", "").split(" ±| and| to |, ")[0];
        }

        /** Enters a craft with its parts and wires. */
        public JsonNode enterWired(String craftId, String layout) {
            return ask("POST", "/api/crafts", """
          {"craftId": "%s", "name": "made for a test", "craftClass": "INCH_5", "mode": "RATE", "layout": "%s",
           "parts": ["receiver", "video", "camera", "capacitor-470"],
           "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""".formatted(craftId, layout));
        }

        /** Opens a work-up of power on a craft. */
        public JsonNode openPower(String craftId, String kind, String seen) {
            return ask("POST", "/api/work-ups", """
          {"craftId": "%s", "kind": "%s", "complaint": "as told", "occasion": "CRASH", "seen": {"seen": "%s"}}""".formatted(craftId, kind, seen));
        }

        /** Records a number at a check, with the number that goes with it, and gives the new view. */
        public JsonNode write(JsonNode view, String checkId, String written, String told) {
            return ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/findings", """
          {"version": %d, "checkId": "%s", "written": "%s", "told": "%s", "sureness": "SURE"}""".formatted(
                            view.get("version").asLong(), checkId, written, told));
        }

        /** Enters a craft and opens a work-up on it. */
        public JsonNode openWorkUp(String craftId, String occasion, String seen) {
            ask("POST", "/api/crafts", """
          {"craftId": "%s", "name": "made for a test", "craftClass": "INCH_5", "mode": "RATE"}""".formatted(craftId));
            return ask("POST", "/api/work-ups", """
          {"craftId": "%s", "complaint": "goes over", "occasion": "%s", "seen": %s}""".formatted(craftId, occasion, seen));
        }

        /** Every motor of a usual craft turns at its corner and its way. */
        public JsonNode motorsTurn(JsonNode view) {
            return recordAll(view, "motors", """
          {"spin-1": "rear-right-cw", "spin-2": "front-right-ccw", "spin-3": "rear-left-ccw", "spin-4": "front-left-cw"}""");
        }

        /** Puts a fault right in one of its ways, however little it is believed; gives the new view. */
        public JsonNode fix(JsonNode view, String faultId, String fixId) {
            return ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/fixes", """
          {"version": %d, "faultId": "%s", "fixId": "%s", "confirmed": "seen by eye on the bench"}""".formatted(
                            view.get("version").asLong(), faultId, fixId));
        }

        /** The props and the tilts of a usual craft, as they should be. */
        public JsonNode propsAndTilts(JsonNode view) {
            JsonNode props = recordAll(view, "props", """
          {"prop-front-right": "ccw", "prop-rear-right": "cw", "prop-rear-left": "ccw", "prop-front-left": "cw"}""");
            return recordAll(props, "tilts", """
          {"picture": "attitude", "tilt-right": "right-down", "tilt-nose": "nose-down", "turn-right": "nose-right"}""");
        }

        /** Puts a radio-off test on the chart, its props off. */
        public JsonNode radioOff(String craftId, String seen) {
            return ask(
                    "POST", "/api/crafts/" + craftId + "/radio-off", seen.replaceFirst("\\{", "{\"propsOff\": true, "));
        }

        /** Brings the bench to what a check needs and records its outcome; gives the new view. */
        public JsonNode record(JsonNode view, String checkId, String outcome) {
            return recordAll(view, checkId, "{\"seen\": \"" + outcome + "\"}");
        }

        /** The same with an outcome for each question, as JSON. */
        public JsonNode recordAll(JsonNode view, String checkId, String outcomes) {
            JsonNode now = benchFor(view, checkId);
            return ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/findings", """
          {"version": %d, "checkId": "%s", "outcomes": %s, "sureness": "SURE"}""".formatted(
                            now.get("version").asLong(), checkId, outcomes));
        }

        /** Brings the bench to what a check needs; gives the view as it is then. */
        public JsonNode benchFor(JsonNode view, String checkId) {
            long id = view.get("id").asLong();
            JsonNode card = get("/api/work-ups/" + id + "/checks/" + checkId);
            JsonNode now = view;
            if (card.get("steps").toString().contains("SHORT_TEST")) {
                runRoutine(view.get("craftId").asString());
                now = get("/api/work-ups/" + id);
                card = get("/api/work-ups/" + id + "/checks/" + checkId);
            }
            if (card.get("ready").asBoolean()) {
                return now;
            }
            ObjectNode bench = json.createObjectNode();
            bench.put("version", now.get("version").asLong());
            bench.set("state", card.get("benchAfter"));
            return ask("PUT", "/api/work-ups/" + id + "/bench-state", bench.toString());
        }

        @Override
        public void close() {
            context.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == App.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getRoot().getStore(SPACE).getOrComputeIfAbsent("app", key -> {
            try {
                return App.on(Files.createTempDirectory("able-medic-test").resolve("test.db"), "--medic.demo=true");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
