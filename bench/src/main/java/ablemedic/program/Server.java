package ablemedic.program;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The program as a process, on a database and a port of its own. */
public final class Server implements AutoCloseable {
    public static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private static final long LONGEST_START_MS = 60_000;

    private final Process process;
    private final int port;

    private Server(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** What came back; a status of 0 where nothing did. */
    public record Answer(int status, String body) {
        public JsonNode json() {
            return JSON.readTree(body);
        }
    }

    /** Starts it and waits until it answers. */
    public static Server on(Path database, String... more) {
        try {
            int port;
            try (ServerSocket free = new ServerSocket(0)) {
                port = free.getLocalPort();
            }
            ProcessBuilder command = command(database);
            command.command().add("--server.port=" + port);
            command.command().addAll(List.of(more));
            Server server = new Server(command.start(), port);
            long begun = System.nanoTime();
            while (server.get("/api/health").status() != 200) {
                if (!server.process.isAlive() || System.nanoTime() - begun > LONGEST_START_MS * 1_000_000) {
                    server.kill();
                    throw new IllegalStateException("It did not start: "
                            + Files.readString(log(database).toPath()));
                }
                Thread.sleep(100);
            }
            return server;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Runs one of the commands on the file to its end; gives its exit code. */
    public static int run(Path database, String... words) {
        try {
            ProcessBuilder command = command(database);
            command.command().addAll(List.of(words));
            Process process = command.start();
            if (!process.waitFor(LONGEST_START_MS, TimeUnit.MILLISECONDS)) {
                process.destroyForcibly();
                return -1;
            }
            return process.exitValue();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static File log(Path database) {
        return Path.of(System.getProperty("java.io.tmpdir"), "torture-" + database.getFileName() + ".log")
                .toFile();
    }

    private static ProcessBuilder command(Path database) throws IOException {
        try (Stream<Path> jars = Files.list(Path.of(System.getProperty("program.run")))) {
            Path jar =
                    jars.filter(p -> p.toString().endsWith(".jar")).findFirst().orElseThrow();
            ProcessBuilder command = new ProcessBuilder(new ArrayList<>(List.of(
                    "java",
                    "-XX:SharedArchiveFile=" + jar.resolveSibling("classes.jsa"),
                    "-Xshare:auto",
                    "@" + jar.resolveSibling("java.flags"),
                    "-jar",
                    jar.toString(),
                    "--medic.database=" + database)));
            command.environment().put("MALLOC_ARENA_MAX", "1");
            return command.redirectErrorStream(true).redirectOutput(log(database));
        }
    }

    public Answer send(String method, String path, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(60))
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        return answer(request);
    }

    /** Sends a file. */
    public Answer upload(String path, byte[] file) {
        return answer(file(path).POST(BodyPublishers.ofByteArray(file)));
    }

    /** Sends a file from the disk. */
    public Answer upload(String path, Path file) {
        try {
            return answer(file(path).POST(BodyPublishers.ofFile(file)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is at a path, as bytes; none where the answer broke off. */
    public byte[] bytes(String path) {
        try {
            return CLIENT.send(file(path).GET().build(), BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            return new byte[0];
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new byte[0];
        }
    }

    /** Has what is at a path written to a file; the status, or 0 where the answer broke off. */
    public int download(String path, Path to) {
        try {
            return CLIENT.send(file(path).GET().build(), BodyHandlers.ofFile(to))
                    .statusCode();
        } catch (IOException e) {
            return 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return 0;
        }
    }

    private HttpRequest.Builder file(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofMinutes(5))
                .header("Content-Type", "application/octet-stream");
    }

    private static Answer answer(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body());
        } catch (IOException e) {
            return new Answer(0, String.valueOf(e.getMessage()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new Answer(0, "interrupted");
        }
    }

    public Answer get(String path) {
        return send("GET", path, "");
    }

    /** Sends what must succeed. */
    public JsonNode ask(String method, String path, String body) {
        Answer answer = send(method, path, body);
        if (answer.status() / 100 != 2) {
            throw new IllegalStateException(method + " " + path + " gave " + answer.status() + ": " + answer.body());
        }
        return answer.json();
    }

    /** A craft with its parts and wires. */
    public void enterWired(String craftId) {
        ask("POST", "/api/crafts", """
        {"craftId": "%s", "name": "", "craftClass": "INCH_5", "layout": "STACK", "parts": ["receiver", "camera", "video"],
         "battery": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""".formatted(craftId));
    }

    /** Opens a work-up and gives its number. */
    public long open(String craftId, String kind) {
        return ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"" + craftId + "\", \"kind\": \"" + kind
                                + "\", \"complaint\": \"as told\", \"occasion\": \"LONG_REST\", \"seen\": {}}")
                .get("id")
                .asLong();
    }

    /** What it holds of memory, megabytes; not a number where the system does not tell. */
    public double residentMb() {
        try {
            return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                    .filter(line -> line.startsWith("VmRSS:"))
                    .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
                    .findFirst()
                    .orElse(Double.NaN);
        } catch (IOException e) {
            return Double.NaN;
        }
    }

    /** As a power cut would end it. */
    public void kill() {
        process.destroyForcibly();
        await();
    }

    @Override
    public void close() {
        process.destroy();
        await();
    }

    private void await() {
        try {
            process.waitFor(30, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
