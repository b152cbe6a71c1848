package ablemedic.app.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body is read as it comes, since it is a file of any length up to a bound. */
final class BoundedRequest extends HttpServletRequestWrapper {
  /** The server gives up a silent connection sooner; this ends one that sends a little now and then. */
  private static final long LONGEST_NS = 600_000_000_000L;

  private final long largest;

  BoundedRequest(HttpServletRequest request, long largest) {
    super(request);
    this.largest = largest;
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    ServletInputStream in = super.getInputStream();
    return new ServletInputStream() {
      private final long begun = System.nanoTime();
      private long read;

      @Override
      public int read() throws IOException {
        int one = in.read();
        count(one < 0 ? 0 : 1);
        return one;
      }

      @Override
      public int read(byte[] bytes, int offset, int length) throws IOException {
        int some = in.read(bytes, offset, length);
        count(Math.max(0, some));
        return some;
      }

      private void count(int more) throws IOException {
        read += more;
        if (read > largest) {
          throw new ReadRequest.TooLargeException();
        }
        if (System.nanoTime() - begun > LONGEST_NS) {
          throw new IOException("too slow");
        }
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
