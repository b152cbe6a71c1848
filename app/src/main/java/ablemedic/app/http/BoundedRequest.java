package ablemedic.app.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body is read as it comes, since it is a file of any length up to a bound. */
final class BoundedRequest extends HttpServletRequestWrapper {
    private final long largest;

    BoundedRequest(HttpServletRequest request, long largest) {
        super(request);
        this.largest = largest;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        ServletInputStream in = super.getInputStream();
        return new ServletInputStream() {
            private long waitedNs;
            private long read;

            @Override
            public int read() throws IOException {
                long asked = System.nanoTime();
                int one = in.read();
                count(asked, one < 0 ? 0 : 1);
                return one;
            }

            @Override
            public int read(byte[] bytes, int offset, int length) throws IOException {
                long asked = System.nanoTime();
                int some = in.read(bytes, offset, length);
                count(asked, Math.max(0, some));
                return some;
            }

            /** Only waiting for the sender counts, not what is done with it meanwhile. */
            private void count(long asked, int more) throws IOException {
                waitedNs += System.nanoTime() - asked;
                read += more;
                if (read > largest) {
                    throw new ReadRequest.TooLargeException();
                }
                SlowSenders.check(System.nanoTime() - waitedNs, read);
            }

            @Override
            public boolean isFinished() {
                return in.isFinished();
            }

            @Override
            public boolean isReady() {
                return in.isReady();
            }

            @Override
            public void setReadListener(ReadListener listener) {
                in.setReadListener(listener);
            }
        };
    }
}
