package pandel.files.store;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A stream that refuses to go on past a number of bytes. */
final class Capped extends FilterInputStream {

    private long left;

    Capped(InputStream in, long most) {
        super(in);
        this.left = most;
    }

    @Override
    public int read() throws IOException {
        int b = super.read();
        return b < 0 ? b : counted(1, b);
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
        int n = super.read(into, from, length);
        return n < 0 ? n : counted(n, n);
    }

    private int counted(int n, int result) throws IOException {
        left -= n;
        if (left < 0) {
            throw new IOException("its prototype.json unpacks to far more than a prototype does, so it is not opened.");
        }
        return result;
    }
}
