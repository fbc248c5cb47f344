package lexicor.server.doors;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body ends with an error once it is longer than it may be, whatever its header said. */
final class LimitedRequest extends HttpServletRequestWrapper {
    private final long most;

    LimitedRequest(HttpServletRequest request, long most) {
        super(request);
        this.most = most;
    }

    long most() {
        return most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        ServletInputStream inner = super.getInputStream();
        return new ServletInputStream() {
            private long read;

            @Override
            public int read() throws IOException {
                int next = inner.read();
                count(next < 0 ? 0 : 1);
                return next;
            }

            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                int got = inner.read(into, from, length);
                count(Math.max(0, got));
                return got;
            }

            private void count(int more) throws IOException {
                read += more;
                if (read > most) {
                    throw new IOException("the request is larger than " + (most >> 20) + " MB");
                }
            }

            @Override
            public boolean isFinished() {
                return inner.isFinished();
            }

            @Override
            public boolean isReady() {
                return inner.isReady();
            }

            @Override
            public void setReadListener(ReadListener listener) {
                inner.setReadListener(listener);
            }
        };
    }
}
