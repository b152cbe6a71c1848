package ablemedic.app.http;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;

/** Bytes sent as they are, for requests that no client would send. */
final class Wire implements AutoCloseable {
    private final Socket socket;

    Wire(App app) throws IOException {
        socket = new Socket("127.0.0.1", app.port());
    }

    Wire send(String bytes) throws IOException {
        socket.getOutputStream().write(bytes.getBytes(StandardCharsets.ISO_8859_1));
        socket.getOutputStream().flush();
        return this;
    }

    /** All that comes until the server closes, or is silent for so long. */
    String answer(int silenceMs) throws IOException {
        socket.setSoTimeout(silenceMs);
        StringBuilder all = new StringBuilder();
        byte[] some = new byte[4096];
        try {
            for (int n = socket.getInputStream().read(some);
                    n >= 0;
                    n = socket.getInputStream().read(some)) {
                all.append(new String(some, 0, n, StandardCharsets.ISO_8859_1));
            }
        } catch (SocketTimeoutException e) {
            return all.toString();
        }
        return all.toString();
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
