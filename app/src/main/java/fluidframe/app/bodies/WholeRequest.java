package fluidframe.app.bodies;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body has arrived. */
final class WholeRequest extends HttpServletRequestWrapper {

    private final SentBody body;

    WholeRequest(HttpServletRequest request, SentBody body) {
        super(request);
        this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Arrived(body.read());
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(body.read(), StandardCharsets.UTF_8));
    }

    @Override
    public long getContentLengthLong() {
        return body.bytes();
    }

    @Override
    public int getContentLength() {
        return (int) Math.min(Integer.MAX_VALUE, body.bytes());
    }

    private static final class Arrived extends ServletInputStream {

        private final InputStream stream;
        private boolean finished;

        Arrived(InputStream stream) {
            this.stream = stream;
        }

        @Override
        public int read() throws IOException {
            int next = stream.read();
            finished = next < 0;
            return next;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = stream.read(buffer, offset, length);
            finished = got < 0;
            return got;
        }

        @Override
        public void close() throws IOException {
            stream.close();
        }

        @Override
        public boolean isFinished() {
            return finished;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("all of it is here");
        }
    }
}
