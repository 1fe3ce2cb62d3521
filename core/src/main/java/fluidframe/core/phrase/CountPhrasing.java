package fluidframe.core.phrase;

import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * "Slow, quick, quick", "S-Q-Q", "one two and three", "2 3 4–1", "1a2", "123". A dash between two beats ties them;
 * between words it only joins what is said one after another, and between more than two beats it may be either.
 */
public final class CountPhrasing implements Phrasing {

    private static final Pattern WORDS_GLUED = Pattern.compile("[sq]{2,}");
    private static final Pattern DASH = Pattern.compile(" ?[-–—−‐‑] ?");
    private static final int MOST_DIGITS_OF_A_BEAT = 2;

    /** One mark, and whether a dash joins it to the one before. */
    private record Mark(String text, boolean tied, boolean bracketed, int from, int to) {

        boolean isBeat() {
            return Character.isDigit(text.charAt(0));
        }
    }

    /** All marks of a count, one after another, in shorthand: "S Q Q". */
    public Reading count(String text) {
        Run run = new Run(text, OptionalInt.empty());
        List<String> joined = run.tied();
        if (run.marks.isEmpty() || !run.leftovers.isEmpty()) {
            return new Reading(List.of(), false, run.leftovers);
        }
        boolean manyTied = joined.stream()
                .anyMatch(mark -> mark.chars().filter(letter -> letter == '-').count() > 1);
        String together = String.join(" ", joined);
        String apart = run.marks.stream().map(Run::shown).collect(Collectors.joining(" "));
        return manyTied ? new Reading(List.of(apart, together), false, List.of()) : Reading.sure(together, List.of());
    }

    /** The marks that several rows would have, if the text counts more than one row. */
    public List<String> rows(String text) {
        Run run = new Run(text, OptionalInt.empty());
        return run.leftovers.isEmpty() && run.marks.size() > 1 ? run.tied() : List.of();
    }

    /** One mark. Two figures that touch are the number that comes next, or else two beats. */
    @Override
    public List<String> nearest(String word) {
        return List.of();
    }

    @Override
    public Reading read(String text, Situation situation) {
        Run run = new Run(text, situation.lastBeat());
        List<String> joined = run.tied();
        if (!run.leftovers.isEmpty() || run.marks.isEmpty()) {
            return new Reading(joined.size() == 1 ? joined : List.of(), joined.size() == 1, run.leftovers);
        }
        if (joined.size() == 1 && run.marks.size() <= 2 && !run.glued) {
            return Reading.sure(joined.get(0), List.of());
        }
        return new Reading(run.asTie().stream().toList(), false, List.of());
    }

    private static final class Run {
        private final String text;
        private final OptionalInt lastBeat;
        private final List<Mark> marks = new ArrayList<>();
        private final List<Leftover> leftovers = new ArrayList<>();
        private boolean bracketed;
        private boolean glued;
        private int end;

        Run(String text, OptionalInt lastBeat) {
            this.text = text;
            this.lastBeat = lastBeat;
            for (Token token : Tokens.of(text)) {
                take(token);
            }
        }

        private void take(Token token) {
            boolean dashed = !marks.isEmpty()
                    && DASH.matcher(text.substring(end, token.from())).matches();
            OptionalInt number = Numbers.of(token);
            String word = token.word();
            if (token.is("(") || token.is(")")) {
                bracketed = token.is("(");
            } else if (token.isBreak() || token.is("-") || token.is("/")) {
                return;
            } else if (number.isPresent() && number.getAsInt() > 0) {
                beat(token, number.getAsInt(), dashed);
            } else if (token.isNumber()) {
                leave(token);
            } else {
                switch (word) {
                    case "s", "slow", "slows" -> add("S", dashed, token);
                    case "q", "qk", "quick", "quicks" -> add("Q", dashed, token);
                    case "and", "n", "et" -> add("&", false, token);
                    case "a", "ah", "uh", "er" -> add("a", false, token);
                    case "h", "hold", "held" -> add("h", false, token);
                    case "beat", "beats", "count", "counts", "bar", "the", "to" -> {}
                    default -> glued(token, dashed);
                }
            }
            end = token.to();
        }

        private void beat(Token token, int number, boolean dashed) {
            boolean single = number < 10 || !token.isNumber();
            boolean next = last().stream().anyMatch(last -> last + 1 == number);
            if (single || next) {
                add(String.valueOf(number), dashed, token);
            } else if (token.word().indexOf('0') < 0) {
                glued = true;
                for (int i = 0; i < token.word().length(); i++) {
                    add(token.word().substring(i, i + 1), dashed && i == 0, token);
                }
            } else {
                leave(token);
            }
        }

        private OptionalInt last() {
            return marks.stream()
                    .filter(Mark::isBeat)
                    .reduce((a, b) -> b)
                    .map(mark -> OptionalInt.of(Integer.parseInt(mark.text())))
                    .orElse(lastBeat);
        }

        /** "SQQ". */
        private void glued(Token token, boolean dashed) {
            if (!WORDS_GLUED.matcher(token.word()).matches()) {
                leave(token);
                return;
            }
            for (int i = 0; i < token.word().length(); i++) {
                add(token.word().substring(i, i + 1).toUpperCase(Locale.ROOT), dashed && i == 0, token);
            }
        }

        private void add(String mark, boolean dashed, Token token) {
            marks.add(new Mark(mark, dashed, bracketed, token.from(), token.to()));
        }

        private void leave(Token token) {
            leftovers.add(new Leftover(token.from(), token.to(), text.substring(token.from(), token.to()), List.of()));
        }

        /** Beats that a dash joins are one mark; of words only two that stand alone. */
        private List<String> tied() {
            List<String> tied = new ArrayList<>();
            for (int i = 0; i < marks.size(); i++) {
                Mark mark = marks.get(i);
                boolean ties = mark.tied()
                        && (mark.isBeat()
                                ? marks.get(i - 1).isBeat()
                                : marks.size() == 2 && !marks.get(0).isBeat());
                if (ties) {
                    tied.set(tied.size() - 1, joined(tied.get(tied.size() - 1), mark));
                } else {
                    tied.add(shown(mark));
                }
            }
            return tied;
        }

        private static String joined(String before, Mark mark) {
            return before.endsWith(")")
                    ? before.substring(0, before.length() - 1) + "-" + mark.text() + ")"
                    : before + "-" + mark.text();
        }

        /** All of them as one row that is held: two figures that touch, and what dashes join. */
        private List<String> asTie() {
            boolean beats = marks.stream().allMatch(Mark::isBeat);
            boolean dashed = marks.stream().skip(1).allMatch(Mark::tied);
            boolean touching = glued && marks.size() <= MOST_DIGITS_OF_A_BEAT;
            return beats && (dashed || touching)
                    ? List.of(marks.stream().map(Mark::text).collect(Collectors.joining("-")))
                    : List.of();
        }

        private static String shown(Mark mark) {
            return mark.bracketed() ? "(" + mark.text() + ")" : mark.text();
        }
    }
}
