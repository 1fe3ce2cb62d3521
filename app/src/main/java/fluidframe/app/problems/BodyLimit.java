package fluidframe.app.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses a body larger than anything that is sent to its address before it is read into memory, whether or not it says how long it is. */
@Component
class BodyLimit extends OncePerRequestFilter {

    private final DataSize largest;
    private final Map<String, DataSize> byAddress;

    BodyLimit(@Value("${fluidframe.largest-body}") DataSize largest, @Value("${fluidframe.largest-book}") DataSize largestBook,
              @Value("${fluidframe.largest-backup}") DataSize largestBackup) {
        this.largest = largest;
        this.byAddress = Map.of("/api/books", largestBook, "/api/import-plans", largestBook, "/api/imports", largestBook, "/api/restorations", largestBackup);
    }

    /** Thrown while a body of unstated length is read past the limit. */
    static final class BodyTooLargeException extends IOException {
        BodyTooLargeException(DataSize limit) {
            super(sentence(limit));
        }
    }

    static String sentence(DataSize limit) {
        return "The request is larger than " + limit.toMegabytes() + " MB, more than is sent here; nothing was stored.";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        DataSize limit = byAddress.getOrDefault(request.getRequestURI(), largest);
        if (request.getContentLengthLong() > limit.toBytes()) {
            response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(Problems.written(HttpStatus.CONTENT_TOO_LARGE.value(), "Too large", sentence(limit)));
            return;
        }
        chain.doFilter(new HttpServletRequestWrapper(request) {
            @Override
            public ServletInputStream getInputStream() throws IOException {
                return new CountedStream(super.getInputStream(), limit);
            }
        }, response);
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream stream;
        private final DataSize limit;
        private long read;

        CountedStream(ServletInputStream stream, DataSize limit) {
            this.stream = stream;
            this.limit = limit;
        }

        @Override
        public int read() throws IOException {
            int next = stream.read();
            count(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = stream.read(buffer, offset, length);
            count(Math.max(got, 0));
            return got;
        }

        private void count(int more) throws IOException {
            read += more;
            if (read > limit.toBytes()) {
                throw new BodyTooLargeException(limit);
            }
        }

        @Override
        public boolean isFinished() {
            return stream.isFinished();
        }

        @Override
        public boolean isReady() {
            return stream.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            stream.setReadListener(listener);
        }
    }
}
