package fluidframe.app.bodies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.app.bodies.Bounds.Bound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.springframework.util.unit.DataSize;

class SentBodyTest {

    private static final byte[] PIECE = new byte[10_000];
    private final Room room = new Room(1_000_000);

    private SentBody body(int most, int pieces) throws IOException {
        SentBody body = new SentBody(new Bound(DataSize.ofBytes(most), 0), room);
        for (int i = 0; i < pieces; i++) {
            body.take(PIECE, PIECE.length);
        }
        return body;
    }

    /** However it ends: exactly so much room is given back as was taken. */
    @Test
    void whatWasTakenIsGivenBack() throws IOException {
        try (SentBody small = body(100_000, 3)) {
            assertThat(room.taken()).isEqualTo(30_000);
            assertThat(small.isTooLarge()).isFalse();
        }
        assertThat(room.taken()).isZero();
        try (SentBody large = body(25_000, 9)) {
            assertThat(large.isTooLarge()).isTrue();
        }
        assertThat(room.taken()).isZero();
        SentBody refused = body(10_000_000, 100);
        assertThatThrownBy(() -> refused.take(PIECE, PIECE.length)).isInstanceOf(Room.NoRoomException.class);
        refused.close();
        refused.close();
        assertThat(room.taken()).isZero();
    }

    @Test
    void aLongOneIsInAFileOfItsOwnersOnlyAndGoneAtTheEnd() throws IOException {
        Path file;
        try (SentBody body = body(1_000_000, 40)) {
            body.ends();
            file = body.file();
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                    .isEqualTo("rw-------");
            assertThat(body.read().readAllBytes()).hasSize(400_000);
        }
        assertThat(file).doesNotExist();
    }
}
