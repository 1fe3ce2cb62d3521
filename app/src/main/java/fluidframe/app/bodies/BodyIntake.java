package fluidframe.app.bodies;

import fluidframe.app.problems.BusyException;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.LastWords;
import fluidframe.app.problems.Problems;
import fluidframe.app.work.HungUpException;
import fluidframe.app.work.Work;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes in what is sent before anybody reads it: whole, within the bound of its address and in time. While it is on its
 * way it holds no thread, so that any number of those who send a byte now and then keep nobody waiting. Large ones are
 * then read a few at a time.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyIntake extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(BodyIntake.class);
    private static final double PATIENCE_SECONDS = 10;
    /** Less than a telephone line of the last century but one; nobody sends a book over it. */
    private static final double LEAST_BYTES_A_SECOND = 20_000;

    private static final long MOST_AT_ONCE = 1L << 30;
    private static final int PIECE = 16 << 10;

    private final Bounds bounds;
    private final BodyCheck check;
    private final Work work;
    private final Room room = new Room(MOST_AT_ONCE);

    BodyIntake(Bounds bounds, BodyCheck check, Work work) {
        this.bounds = bounds;
        this.check = check;
        this.work = work;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            if (SentBody.isCarriedBy(request)) {
                passOn(SentBody.of(request), request, response, chain);
            } else if (hasBody(request)) {
                takeIn(request, response, chain);
            } else {
                chain.doFilter(request, response);
            }
        } catch (ServletException | IOException | RuntimeException | Error e) {
            LastWords.heed(e);
            throw e;
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    private void takeIn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        SentBody body = new SentBody(bounds.of(request.getRequestURI()), room);
        try {
            if (isHere(request, body)) {
                body.carriedBy(request);
                passOn(body, request, response, chain);
                return;
            }
        } catch (Room.NoRoomException e) {
            body.close();
            refuse(response, HttpStatus.SERVICE_UNAVAILABLE, "Busy", BodiesSentences.tooMuchIsBeingSentAt());
            return;
        } catch (IOException | RuntimeException e) {
            body.close();
            throw e;
        }
        new Arrival(request, response, body).await();
    }

    /**
     * Whether all of it came along with the request, as it does with what people do, or more than is ever read;
     * otherwise what has come is taken.
     */
    private static boolean isHere(HttpServletRequest request, SentBody body) throws IOException {
        ServletInputStream stream = request.getInputStream();
        byte[] piece = new byte[PIECE];
        long length = request.getContentLengthLong();
        while (!stream.isFinished() && !body.isHopeless() && (length < 0 || body.bytes() < length)) {
            int there = Math.min(stream.available(), piece.length);
            if (there <= 0) {
                return false;
            }
            int got = stream.read(piece, 0, there);
            if (got < 0) {
                break;
            }
            body.take(piece, got);
        }
        body.ends();
        return true;
    }

    private void passOn(SentBody body, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try (body) {
            Optional<Fault> fault = body.isTooLarge() ? Optional.empty() : check.fault(body, request.getContentType());
            if (body.isTooLarge()) {
                refuse(
                        response,
                        HttpStatus.CONTENT_TOO_LARGE,
                        BodiesSentences.tooLarge(),
                        body.bound().sentence());
            } else if (fault.isPresent()) {
                refuse(
                        response,
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        BodiesSentences.notStored(),
                        BodiesSentences.nothingWasStored(fault.get().sentence()),
                        fault.get());
            } else if (body.isLarge()) {
                work.takingIn(() -> chain.doFilter(new WholeRequest(request, body), response));
            } else {
                chain.doFilter(new WholeRequest(request, body), response);
            }
        } catch (BusyException e) {
            response.setHeader(
                    HttpHeaders.RETRY_AFTER,
                    String.valueOf(Math.max(1, e.retryAfter().toSeconds())));
            refuse(response, HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage());
        } catch (HungUpException e) {
            LOG.debug("Whoever sent it has gone", e);
        }
    }

    private static void refuse(
            HttpServletResponse response, HttpStatus status, String title, String sentence, Fault... faults)
            throws IOException {
        if (!response.isCommitted()) {
            response.setStatus(status.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(Problems.written(status.value(), title, sentence, faults));
        }
    }

    /** A body that comes piece by piece; the request goes on once it is here. */
    private final class Arrival implements ReadListener, AsyncListener {

        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final SentBody body;
        private final AsyncContext waiting;
        private final ServletInputStream stream;
        private final byte[] piece = new byte[PIECE];
        private final AtomicBoolean over = new AtomicBoolean();

        Arrival(HttpServletRequest request, HttpServletResponse response, SentBody body) throws IOException {
            this.request = request;
            this.response = response;
            this.body = body;
            this.stream = request.getInputStream();
            this.waiting = request.startAsync(request, response);
        }

        void await() {
            long expected =
                    request.getContentLengthLong() < 0 ? body.bound().most().toBytes() : request.getContentLengthLong();
            waiting.setTimeout((long) (1_000
                    * (PATIENCE_SECONDS + Math.min(expected, body.bound().most().toBytes()) / LEAST_BYTES_A_SECOND)));
            waiting.addListener(this);
            stream.setReadListener(this);
        }

        @Override
        public void onDataAvailable() throws IOException {
            while (!over.get() && stream.isReady() && !stream.isFinished()) {
                int got = stream.read(piece);
                if (got < 0) {
                    return;
                }
                try {
                    body.take(piece, got);
                } catch (Room.NoRoomException e) {
                    end(HttpStatus.SERVICE_UNAVAILABLE, "Busy", BodiesSentences.tooMuchIsBeingSentAt());
                }
                if (body.isHopeless()) {
                    end(
                            HttpStatus.CONTENT_TOO_LARGE,
                            BodiesSentences.tooLarge(),
                            body.bound().sentence());
                } else if (body.isTooSlow(PATIENCE_SECONDS, LEAST_BYTES_A_SECOND)) {
                    tooSlow();
                }
            }
        }

        @Override
        public void onAllDataRead() throws IOException {
            if (over.compareAndSet(false, true)) {
                body.ends();
                body.carriedBy(request);
                waiting.dispatch();
            }
        }

        private void tooSlow() throws IOException {
            end(HttpStatus.REQUEST_TIMEOUT, BodiesSentences.tooSlow(), BodiesSentences.whatWasSentCameTooSlowly());
        }

        private void end(HttpStatus status, String title, String sentence) throws IOException {
            if (over.compareAndSet(false, true)) {
                body.close();
                response.setHeader(HttpHeaders.CONNECTION, "close");
                refuse(response, status, title, sentence);
                waiting.complete();
            }
        }

        @Override
        public void onError(Throwable thrown) {
            LastWords.heed(thrown);
            LOG.debug("A body did not arrive", thrown);
            if (over.compareAndSet(false, true)) {
                close();
                waiting.complete();
            }
        }

        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            tooSlow();
        }

        @Override
        public void onError(AsyncEvent event) {
            onError(event.getThrowable());
        }

        @Override
        public void onComplete(AsyncEvent event) {
            close();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            throw new IllegalStateException("a body arrives once");
        }

        private void close() {
            try {
                body.close();
            } catch (IOException e) {
                LOG.warn("What was sent could not be thrown away: {}", e.getMessage());
            }
        }
    }
}
