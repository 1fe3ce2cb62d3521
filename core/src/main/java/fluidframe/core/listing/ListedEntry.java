package fluidframe.core.listing;

import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.routine.Section;
import fluidframe.core.text.PlainText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One entry of a list: a figure, an element, or a gap.
 *
 * @param from where it begins in the text
 * @param to where it ends
 * @param text what is written
 * @param item what it is, if that is beyond doubt
 * @param choices what it may be, or else what is nearest, the likeliest first
 * @param times how often it is danced one after another
 * @param cornerAfter whether a corner is turned after it
 * @param section the section that begins with it
 * @param remarks what was written and is not so: another length, a finish that the figure has not
 */
@RecordBuilder
public record ListedEntry(
        int from,
        int to,
        String text,
        Optional<Item> item,
        List<Dancing> choices,
        int times,
        boolean cornerAfter,
        Optional<Section> section,
        List<String> remarks)
        implements ListedEntryBuilder.With {

    public ListedEntry {
        choices = List.copyOf(choices);
        remarks = List.copyOf(remarks);
    }

    /** The same where it stands in what was written. */
    ListedEntry in(PlainText plain) {
        return withFrom(plain.from(from)).withTo(plain.to(to)).withText(plain.written(from, to));
    }
}
