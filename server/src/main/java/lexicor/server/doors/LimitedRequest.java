package lexicor.server.doors;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.io.InputStream;
import org.apache.commons.io.input.BoundedInputStream;

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
        // The end of one that is just as long as it may be is asked for after its last byte.
        InputStream bounded = BoundedInputStream.builder()
                .setInputStream(inner)
                .setMaxCount(most + 1)
                .setOnMaxCount((max, count) -> {
                    throw new IOException("the request is larger than " + (most >> 20) + " MB");
                })
                .get();
        return new ServletInputStream() {
            @Override
            public int read() throws IOException {
                return bounded.read();
            }

            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                return bounded.read(into, from, length);
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
