package fluidframe.core.question;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import java.util.List;

/** What is the right answer, and how an answer is given. */
public sealed interface Expected {

    /** The right answer in full words. */
    String wording();

    /**
     * A cell, in the coach's own words.
     *
     * @param shorthand what it says
     */
    record Said(Figure figure, Part part, int row, Column column, String shorthand, String wording)
            implements Expected {}

    /** A count, in numbers or in words. */
    record Counted(Figure figure, Part part, String wording) implements Expected {}

    /** One of several, by its number from 1. */
    record Chosen(List<String> options, int right) implements Expected {

        public Chosen {
            options = List.copyOf(options);
        }

        @Override
        public String wording() {
            return options.get(right);
        }
    }

    /** A row of a chart that is shown, by its number from 1. */
    record Located(Part part, int row) implements Expected {

        @Override
        public String wording() {
            return "step " + (row + 1);
        }
    }

    /** The rows that are shown, by their numbers from 1, in the order in which they are danced. */
    record Ordered(List<Integer> order) implements Expected {

        public Ordered {
            order = List.copyOf(order);
        }

        @Override
        public String wording() {
            return String.join(
                    " ", order.stream().map(row -> String.valueOf(row + 1)).toList());
        }
    }
}
