package fluidframe.app.exchange;

import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What is wrong with a book. Nobody waits until the last of thousands is found. */
final class BookFaults {

    private final List<Fault> faults = new ArrayList<>();

    void add(Fault fault) {
        faults.add(fault);
    }

    /** Does something, and takes down what it is refused for. */
    boolean gather(Runnable reading) {
        Stopping.check();
        try {
            reading.run();
            return true;
        } catch (RefusedException wrong) {
            faults.addAll(wrong.faults());
            if (faults.size() >= Problems.MOST_FAULTS) {
                refuse();
            }
            return false;
        }
    }

    /** @throws RefusedException if an id is there twice */
    void requireDistinct(List<String> ids, String root, Kind kind) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < ids.size(); i++) {
            if (!seen.add(ids.get(i))) {
                add(Fault.of(
                        root + i + "/id",
                        ids.get(i),
                        ExchangeSentences.anIdThatNoOtherOf(kind.name().toLowerCase(Locale.ROOT))));
                refuse();
            }
        }
    }

    /** @throws RefusedException if there is anything wrong */
    void refuse() {
        if (!faults.isEmpty()) {
            throw BookReading.refused(faults);
        }
    }
}
