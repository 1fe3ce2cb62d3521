package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.text.PlainText;
import fluidframe.core.work.Stopping;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Reads a figure as a coach tells it, in running sentences or in notes, for one part or both, step by step or summed
 * up. Nothing is dropped: what was not understood is left over in its place. Nothing is invented: what follows from
 * something else is marked as derived.
 */
public final class DescriptionReader {

    /** Longer than any coach talks about one figure. */
    public static final int MOST_LETTERS = 20_000;

    private final PlainText plain;
    private final String text;
    private final boolean amends;
    private final ToldFigure figure;
    private final Heard heard;
    private final HeadingReader headings;
    private final StatementReader statements;

    private DescriptionReader(String told, FigureDraft draft, Dance dance, boolean amends, Part part) {
        this.plain = PlainText.ofLines(told.substring(0, Math.min(told.length(), MOST_LETTERS)));
        this.text = plain.text();
        this.amends = amends;
        this.figure = new ToldFigure(draft, dance);
        this.heard = new Heard(text);
        this.headings = new HeadingReader(text, figure, heard);
        this.statements = new StatementReader(figure, heard, amends, part);
    }

    /**
     * A new figure.
     *
     * @param text what is told; of more than {@value #MOST_LETTERS} letters the first
     * @param blank the figure it becomes: its id, its title until one is told, its dance and its level
     */
    public static Description tell(String text, FigureDraft blank, Dance dance) {
        return new DescriptionReader(text, blank, dance, false, Part.MAN).read();
    }

    /**
     * A figure that is there, with what is told changed: "step five, pointing diag centre", "lady four heel turn",
     * "make it an eighth less".
     */
    public static Description amend(String text, FigureDraft figure, Dance dance) {
        return amend(text, figure, dance, Part.MAN, OptionalInt.empty());
    }

    /**
     * The same, where a row has been spoken of already.
     *
     * @param part whose row
     * @param row from 0
     */
    public static Description amend(String text, FigureDraft figure, Dance dance, Part part, OptionalInt row) {
        DescriptionReader reader = new DescriptionReader(text, figure, dance, true, part);
        for (Part each : Part.values()) {
            reader.figure.rows(each).begin(figure.chart(each));
        }
        row.ifPresent(at -> reader.figure.rows(part).go(at));
        return reader.read();
    }

    private Description read() {
        boolean first = !amends;
        for (Statement sentence : Statement.sentences(text)) {
            Stopping.check();
            boolean names = first
                    && (sentence.text().equalsIgnoreCase(figure.dance().title())
                            || sentence.text().equalsIgnoreCase(figure.dance().id()));
            boolean read = names
                    || headings.hasRead(sentence)
                    || headings.readHeading(sentence)
                    || first && headings.readTitle(sentence);
            if (!read) {
                statements.readSentence(first ? headings.withoutTitle(sentence) : sentence);
            }
            first &= names;
        }
        if (!amends) {
            figure.complete();
        }
        Set<String> derived = new HashSet<>(amends ? figure.draft().derived() : List.of());
        heard.taken().forEach(each -> derived.remove(each.place().pointer()));
        return new Description(
                figure.written(derived),
                heard.taken().stream().map(taken -> taken.in(plain)).toList(),
                heard.leftovers().stream().map(leftover -> leftover.in(plain)).toList());
    }
}
