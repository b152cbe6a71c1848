package ablemedic.app.http;

import java.io.IOException;

/** More was sent than is read. */
final class TooLargeException extends IOException {
  private static final long serialVersionUID = 1;

  TooLargeException(long limit) {
    super("More than " + limit / 1024 + " kB were sent; that is the most that is read at once.");
  }
}
