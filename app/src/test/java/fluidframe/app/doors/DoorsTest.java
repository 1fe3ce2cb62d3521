package fluidframe.app.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import fluidframe.app.storage.Access;
import fluidframe.app.storage.Database;
import fluidframe.app.storage.Erased;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DoorsTest {

    @ParameterizedTest
    @CsvSource({
        "localhost:8080, true",
        "127.0.0.1, true",
        "[::1]:8080, true",
        "LocalHost, true",
        "studio.example:8080, true",
        "evil.example, false",
        "localhost.evil.example, false",
        "'', false"
    })
    void onlyOwnNamesAndThoseAllowedAreAnswered(String host, boolean admitted) {
        assertThat(new Doors("studio.example, other.example", "127.0.0.1").admits(host))
                .isEqualTo(admitted);
    }

    @ParameterizedTest
    @CsvSource({
        "http://localhost:8080, localhost:8080, true",
        "http://localhost:9090, localhost:8080, false",
        "http://evil.example, localhost:8080, false",
        "null, localhost:8080, false",
        "'::', localhost, false"
    })
    void onlyPagesOfItsOwnMayAsk(String origin, String host, boolean admitted) {
        assertThat(new Doors("", "127.0.0.1").admits(origin, host)).isEqualTo(admitted);
    }

    @Test
    void whoeverUsesItIsWarnedWhileOthersOnTheNetworkCanReachIt() {
        assertThat(status("0.0.0.0", Access.WRITABLE))
                .isEqualTo(new StatusResource.StatusDocument(true, List.of(StatusResource.OPEN), 0));
        assertThat(status("127.0.0.1", Access.WRITABLE).warnings()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"FULL", "READ_ONLY", "GONE"})
    void whoeverUsesItIsToldWhyNothingCanBeKept(Access access) {
        assertThat(status("127.0.0.1", access))
                .isEqualTo(new StatusResource.StatusDocument(false, List.of(access.sentence()), 0));
    }

    private static StatusResource.StatusDocument status(String address, Access access) {
        Database database = mock(Database.class);
        when(database.access()).thenReturn(access);
        return new StatusResource(database, new Doors("", address), mock(Erased.class)).status();
    }
}
