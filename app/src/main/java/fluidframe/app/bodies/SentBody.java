package fluidframe.app.bodies;

import fluidframe.app.bodies.Bounds.Bound;
import fluidframe.app.problems.RefusedException;
import jakarta.servlet.ServletRequest;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.web.context.request.RequestAttributes;

/**
 * A body as far as it has come: a short one in memory, a longer one in a file that only its owner may read and that is
 * gone at the end.
 */
public final class SentBody implements AutoCloseable {

    /** Under this name a request carries its body. */
    private static final String NAME = SentBody.class.getName();

    private static final String PREFIX = "fluidframe-sent-";
    private static final int MOST_IN_MEMORY = 128 << 10;
    private static final int MOST_OF_A_PERSON = 64 << 10;
    private static final int MOST_VALUES_OF_A_PERSON = 4_000;
    /** Of what is too large so much more is read, so that whoever sends it hears why. */
    private static final long MOST_IN_VAIN = 16L << 20;

    private final Bound bound;
    private final Room room;
    private final long begun = System.nanoTime();
    private ByteArrayOutputStream memory = new ByteArrayOutputStream();
    private Path file;
    private OutputStream out;
    private long arrived;
    /** So much of it takes room; what goes beyond the bound never did. */
    private long held;

    private int values;
    private boolean closed;

    SentBody(Bound bound, Room room) {
        this.bound = bound;
        this.room = room;
    }

    /**
     * The body of the request that is answered.
     *
     * @throws RefusedException if it has none
     */
    public static SentBody of(ServletRequest request) {
        if (request.getAttribute(NAME) instanceof SentBody body) {
            return body;
        }
        throw RefusedException.of("", "", BodiesSentences.somethingThatIsSentWithIt());
    }

    static Optional<SentBody> of(RequestAttributes request) {
        return Optional.ofNullable((SentBody) request.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST));
    }

    void carriedBy(ServletRequest request) {
        request.setAttribute(NAME, this);
    }

    static boolean isCarriedBy(ServletRequest request) {
        return request.getAttribute(NAME) != null;
    }

    /** @throws Room.NoRoomException if too much is under way already */
    void take(byte[] bytes, int length) throws IOException {
        arrived += length;
        if (isTooLarge()) {
            letGo();
            return;
        }
        held += length;
        room.take(length);
        if (memory != null && memory.size() + length > MOST_IN_MEMORY) {
            file = Files.createTempFile(PREFIX, ".tmp");
            out = Files.newOutputStream(file);
            memory.writeTo(out);
            memory = null;
        }
        (memory == null ? out : memory).write(bytes, 0, length);
    }

    void ends() throws IOException {
        if (out != null) {
            out.close();
        }
    }

    boolean isTooLarge() {
        return arrived > bound.most().toBytes();
    }

    boolean isHopeless() {
        return arrived > bound.most().toBytes() + MOST_IN_VAIN;
    }

    /** Whether it comes more slowly than any line that a person would use. */
    boolean isTooSlow(double patienceSeconds, double leastBytesASecond) {
        return (System.nanoTime() - begun) / 1e9 > patienceSeconds + arrived / leastBytesASecond;
    }

    Bound bound() {
        return bound;
    }

    long bytes() {
        return arrived;
    }

    /** How many values, names and brackets its JSON has, once that is known. */
    void has(int number) {
        this.values = number;
    }

    /** Whether it is larger than what a person writes, so that only a few of its kind are read at once. */
    boolean isLarge() {
        return arrived > MOST_OF_A_PERSON || values > MOST_VALUES_OF_A_PERSON;
    }

    /** It may be read more than once. */
    public InputStream read() throws IOException {
        return file != null
                ? Files.newInputStream(file)
                : new ByteArrayInputStream(memory == null ? new byte[0] : memory.toByteArray());
    }

    /** As a file, for what is read here and there. */
    public Path file() throws IOException {
        if (file == null) {
            file = Files.createTempFile(PREFIX, ".tmp");
            Files.write(file, memory.toByteArray());
        }
        return file;
    }

    private void letGo() throws IOException {
        memory = null;
        if (out != null) {
            out.close();
        }
        if (file != null) {
            Files.deleteIfExists(file);
        }
    }

    @Override
    public void close() throws IOException {
        if (!closed) {
            closed = true;
            room.giveBack(held);
            letGo();
        }
    }
}
