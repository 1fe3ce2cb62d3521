package fluidframe.core.routine;

import fluidframe.core.music.MusicSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A part of a routine that a coach calls by name: a section of it, each time it is danced, or what is danced to a
 * section of its piece.
 *
 * @param music whether it is a section of the music
 * @param first its first passage
 * @param last its last passage
 */
public record RoutinePart(String title, boolean music, int first, int last) {

    /** Sections of the routine, then those of its piece in which something begins. */
    public static List<RoutinePart> of(Course course) {
        List<RoutinePart> parts = new ArrayList<>(sections(course));
        if (course.routine().laying().isPresent()) {
            parts.addAll(musicSections(course));
        }
        return parts;
    }

    private static List<RoutinePart> sections(Course course) {
        List<ScoredPlacement> placements = course.placements();
        List<RoutinePart> parts = new ArrayList<>();
        Optional<Section> section = Optional.empty();
        int from = 0;
        for (int i = 0; i < placements.size(); i++) {
            Passage passage = placements.get(i).passage();
            section = passage.placement().section().isPresent()
                    ? passage.placement().section()
                    : section;
            boolean ends = i + 1 == placements.size()
                    || placements.get(i + 1).passage().placement().section().isPresent()
                    || placements.get(i + 1).passage().round() != passage.round();
            if (ends && section.isPresent()) {
                String again = section.get().times() > 1 ? ", time " + passage.round() : "";
                parts.add(new RoutinePart(section.get().title() + again, false, from, i));
            }
            from = ends ? i + 1 : from;
        }
        return parts;
    }

    private static List<RoutinePart> musicSections(Course course) {
        List<MusicSection> sections = course.routine().music().sections();
        List<RoutinePart> parts = new ArrayList<>();
        for (int i = 0; i < sections.size(); i++) {
            int from = sections.get(i).bar();
            int to = i + 1 < sections.size() ? sections.get(i + 1).bar() : Integer.MAX_VALUE;
            int[] within = IntStream.range(0, course.placements().size())
                    .filter(passage -> course.placements().get(passage).bar() >= from
                            && course.placements().get(passage).bar() < to)
                    .toArray();
            if (within.length > 0) {
                parts.add(new RoutinePart(
                        sections.get(i).title() + ", bar " + from, true, within[0], within[within.length - 1]));
            }
        }
        return parts;
    }
}
