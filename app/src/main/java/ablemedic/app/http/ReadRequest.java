package ablemedic.app.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;

/** A request whose body was read whole, so that nothing further on waits for whoever sends it. */
final class ReadRequest extends HttpServletRequestWrapper {
    private final ByteArrayInputStream body;

    boolean hasBody() {
        return body.available() > 0;
    }

    private ReadRequest(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = new ByteArrayInputStream(body);
    }

    /** More was sent than is read. */
    static final class TooLargeException extends IOException {
        private static final long serialVersionUID = 1;
    }

    /** @throws IOException when the body does not come in time */
    static ReadRequest of(HttpServletRequest request, int largest) throws IOException {
        long begun = System.nanoTime();
        InputStream in = request.getInputStream();
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        byte[] some = new byte[8192];
        for (int n = in.read(some); n >= 0; n = in.read(some)) {
            all.write(some, 0, n);
            if (all.size() > largest) {
                throw new TooLargeException();
            }
            SlowSenders.check(begun, all.size());
        }
        return new ReadRequest(request, all.toByteArray());
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
            @Override
            public int read() {
                return body.read();
            }

            @Override
            public int read(byte[] bytes, int offset, int length) {
                return body.read(bytes, offset, length);
            }

            @Override
            public boolean isFinished() {
                return body.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("the body was read already");
            }
        };
    }
}
