package fluidframe.core.practice;

import java.util.Optional;

/**
 * A part of a lesson.
 *
 * @param subject what is practised in it; empty where it is no single thing
 * @param why why now
 */
public record LessonPart(String title, int minutes, Optional<Subject> subject, String why) {}
