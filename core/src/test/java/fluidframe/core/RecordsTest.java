package fluidframe.core;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.book.DanceReport;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.sound.Track;
import fluidframe.core.sound.TrackWish;
import fluidframe.core.time.Tempo;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Nobody can change what a record holds. */
class RecordsTest {

    static Stream<Object> everythingThatIsHandedOut() {
        Figure turning = SmallBook.turning("turning");
        Repertoire repertoire = Repertoire.of(SmallBook.random(12, 7), Conditions.OPEN);
        Routine routine = new Routine(
                "turns",
                "Turns",
                turning.dance(),
                new Tempo(29),
                Conditions.OPEN,
                List.of(
                        Placement.of(Dancing.of(turning, Way.AS_CHARTED)),
                        Placement.of(Dancing.of(turning, Way.AS_CHARTED))));
        Score score = Score.of(routine);
        Wish wish = Wish.of(turning.length().times(2), turning.length().times(2), routine.music())
                .withBends(true);
        return Stream.of(
                turning,
                routine,
                score,
                RoomReport.of(score),
                Track.of(score, TrackWish.whole(score.length())),
                LinkMap.of(repertoire),
                DanceReport.of(turning.dance(), SmallBook.random(12, 7)),
                Composer.compose(repertoire, wish, () -> false),
                wish,
                turning.dance());
    }

    @ParameterizedTest
    @MethodSource("everythingThatIsHandedOut")
    void nothingInsideCanBeChanged(Object handedOut) {
        walk(handedOut, handedOut.getClass().getSimpleName(), Collections.newSetFromMap(new IdentityHashMap<>()));
    }

    private static void walk(Object value, String path, Set<Object> seen) {
        if (value instanceof Optional<?> optional) {
            optional.ifPresent(inside -> walk(inside, path, seen));
        } else if (value instanceof Map<?, ?> map) {
            assertThatThrownBy(map::clear).as(path).isInstanceOf(UnsupportedOperationException.class);
            map.values().forEach(each -> walk(each, path + "[]", seen));
        } else if (value instanceof Collection<?> collection) {
            assertThatThrownBy(collection::clear).as(path).isInstanceOf(UnsupportedOperationException.class);
            collection.forEach(each -> walk(each, path + "[]", seen));
        } else if (value instanceof Record && seen.add(value)) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                walk(component(component, value), path + "." + component.getName(), seen);
            }
        }
    }

    private static Object component(RecordComponent component, Object record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
