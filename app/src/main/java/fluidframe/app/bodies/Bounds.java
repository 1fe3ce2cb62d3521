package fluidframe.app.bodies;

import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** How much may be sent to an address. */
@Component
class Bounds {

    private final Bound usual;
    private final Map<String, Bound> byAddress;

    /**
     * How much a body may be.
     *
     * @param most bytes
     * @param values how many values, names and brackets its JSON may have; 0 where whoever reads it counts for itself
     */
    record Bound(DataSize most, int values) {

        String sentence() {
            return BodiesSentences.theRequestIsLargerThanMb(most.toMegabytes());
        }
    }

    Bounds(
            @Value("${fluidframe.largest-body}") DataSize largest,
            @Value("${fluidframe.most-values}") int values,
            @Value("${fluidframe.largest-book}") DataSize largestBook,
            @Value("${fluidframe.largest-backup}") DataSize largestBackup) {
        this.usual = new Bound(largest, values);
        Bound book = new Bound(largestBook, 0);
        Bound backup = new Bound(largestBackup, 0);
        this.byAddress = Map.of(
                "/api/books",
                book,
                "/api/import-plans",
                book,
                "/api/imports",
                book,
                "/api/restorations",
                backup,
                "/api/backup-contents",
                backup);
    }

    Bound of(String address) {
        return byAddress.getOrDefault(address, usual);
    }
}
