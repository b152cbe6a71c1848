package ablemedic.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Every request passes here: bounded bodies, no pages of other sites behind it, and headers that keep a page from
 * loading or sending anything elsewhere.
 */
@Component
class Border extends OncePerRequestFilter {
  static final long LARGEST_BODY = 256 * 1024;
  private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
  private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; "
      + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  private final String address;

  Border(@Value("${server.address}") String address) {
    this.address = address;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", CONTENT_POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    if (request.getRequestURI().startsWith("/api/")) {
      response.setHeader("Cache-Control", "no-store");
    }
    String host = request.getServerName();
    if (!LOOPBACK.contains(host) && !host.equals(address) && LOOPBACK.contains(address)) {
      refuse(response, 403, "This server answers to localhost only.");
      return;
    }
    String origin = request.getHeader("Origin");
    if (origin != null && !origin.endsWith("://" + request.getHeader("Host"))) {
      refuse(response, 403, "A page of another site may not ask this server.");
      return;
    }
    if (request.getContentLengthLong() > LARGEST_BODY) {
      refuse(response, 413, new TooLargeException(LARGEST_BODY).getMessage());
      return;
    }
    chain.doFilter(new Bounded(request), response);
  }

  private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + detail + "\",\"errors\":[]}");
  }

  /** A request whose body ends with an error past the limit, for those that do not say how long they are. */
  private static final class Bounded extends HttpServletRequestWrapper {
    Bounded(HttpServletRequest request) {
      super(request);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      ServletInputStream in = super.getInputStream();
      return new ServletInputStream() {
        private long read;

        @Override
        public int read() throws IOException {
          int b = in.read();
          count(b < 0 ? 0 : 1);
          return b;
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
          int n = in.read(bytes, offset, length);
          count(Math.max(0, n));
          return n;
        }

        private void count(int n) throws TooLargeException {
          read += n;
          if (read > LARGEST_BODY) {
            throw new TooLargeException(LARGEST_BODY);
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
}
