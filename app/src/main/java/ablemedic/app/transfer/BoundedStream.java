package ablemedic.app.transfer;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.zip.ZipException;

/** A stream that gives no more than was declared. */
final class BoundedStream extends FilterInputStream {
    private long left;

    BoundedStream(InputStream in, long most) {
        super(in);
        this.left = most;
    }

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
        left -= more;
        if (left < 0) {
            throw new ZipException("longer than declared");
        }
    }
}
