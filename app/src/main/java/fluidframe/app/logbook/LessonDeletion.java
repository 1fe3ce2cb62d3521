package fluidframe.app.logbook;

/**
 * Published before a lesson is thrown away; what was noted in it stays with the couple.
 *
 * @param number its number in the database
 */
record LessonDeletion(String id, long number) {}
