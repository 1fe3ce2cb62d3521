package fluidframe.core.notation;

import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Reading;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Count;

/** Reads the count of several rows, however it is dressed: "S Q Q", "slow, quick, quick", "S-Q-Q", "2 3 4-1". */
public final class Counts {

    private Counts() {}

    /** @throws UnreadableTextException if it is no count, or could be two */
    public static Count read(String text) {
        return read(text, 0);
    }

    /**
     * The same for so many rows, which tells whether a dash ties or only joins.
     *
     * @throws UnreadableTextException if it is no count, or could be two
     */
    public static Count read(String text, int rows) {
        try {
            return Count.parse(text);
        } catch (UnreadableTextException asWritten) {
            Reading reading = new CountPhrasing().count(text);
            return reading.shorthands().stream()
                    .filter(shorthand -> reading.sure() || shorthand.split(" ").length == rows)
                    .findFirst()
                    .map(Count::parse)
                    .orElseThrow(() -> asWritten);
        }
    }
}
