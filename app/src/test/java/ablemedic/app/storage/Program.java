package ablemedic.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The program as a process of its own, for what ends a process. */
final class Program implements AutoCloseable {
    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final int port;

    private Program(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts it on a database and waits until it answers. */
    static Program on(Path database) throws IOException, InterruptedException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Program program = new Program(start("--medic.database=" + database, "--server.port=" + port), port);
        for (int i = 0; i < 600; i++) {
            try (Socket open = new Socket("127.0.0.1", port)) {
                return program;
            } catch (IOException e) {
                Thread.sleep(100);
            }
        }
        program.kill();
        throw new AssertionError("It did not start.");
    }

    HttpResponse<String> post(String path, String body) throws IOException {
        try {
            return client.send(
                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(body))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    /** As a power cut would end it. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }

    /** Runs it to its end and gives all that it said; fails when it does not end by itself with code 2. */
    static String failing(String... args) {
        try {
            Process process = start(args);
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (!process.waitFor(60, TimeUnit.SECONDS) || process.exitValue() != 2) {
                throw new AssertionError("It did not refuse: " + said);
            }
            return said;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static Process start(String... args) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "ablemedic.app.AbleMedic"));
        command.addAll(List.of(args));
        return new ProcessBuilder(command).redirectErrorStream(true).start();
    }
}
