package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Level;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import java.util.List;
import java.util.Optional;

/** One compared thing where two figures meet, also where it agrees: what the first gives and what the second needs. */
public sealed interface Comparison {

    Aspect aspect();

    Outcome outcome();

    /** The foot without weight. */
    record FreeFoot(Part part, Foot given, Foot needed, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return part == Part.MAN ? Aspect.MAN_FREE_FOOT : Aspect.LADY_FREE_FOOT;
        }
    }

    /**
     * Which way the man looks.
     *
     * @param needed the headings the second may begin from; empty where any will do
     * @param nearest of those the nearest to the one given
     */
    record Facing(Heading given, List<Heading> needed, Heading nearest, Outcome outcome) implements Comparison {

        public Facing {
            needed = List.copyOf(needed);
        }

        @Override
        public Aspect aspect() {
            return Aspect.ALIGNMENT;
        }
    }

    /** @param drawsApart whether the second opens the couple with its first step, so that both serve */
    record InPosition(Position given, Position needed, boolean drawsApart, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.POSITION;
        }
    }

    /** In line or outside partner. */
    record InLine(Line given, Line needed, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.LINE;
        }
    }

    /** The hands. */
    record Holding(Hold given, Hold needed, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.HOLD;
        }
    }

    /**
     * How high they are.
     *
     * @param up whether one of them is still up
     * @param heelLeads whether the second leads with a heel, and so needs them lowered
     */
    record Raised(boolean up, boolean heelLeads, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.HEIGHT;
        }
    }

    /** Which way the man moves. */
    record Moving(Travel given, Travel needed, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.TRAVEL;
        }
    }

    /**
     * Where in the bar the second would begin, and where it may, from zero.
     *
     * @param needed the one beat it begins on; empty where every start beat of the dance will do
     */
    record OnBeat(Beats given, Optional<Beats> needed, Rhythm rhythm, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.BEAT;
        }
    }

    /**
     * What the syllabus lists beside what.
     *
     * @param from the title of the first
     * @param to the title of the second
     */
    record Listed(String from, String to, Neighbourhood neighbourhood, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.NEIGHBOURS;
        }
    }

    /** What is listed of two figures. */
    enum Neighbourhood {
        /** One of the two binds nothing: an element. */
        FREE,
        LISTED,
        /** Neither lists its neighbours. */
        SILENT,
        /** A list there is, and the other is not in it. */
        NOT_LISTED
    }

    /**
     * How high in the syllabus the second is, and the routine may go.
     *
     * @param to the title of the second
     */
    record OfLevel(String to, Level given, Level needed, Outcome outcome) implements Comparison {

        @Override
        public Aspect aspect() {
            return Aspect.LEVEL;
        }
    }
}
