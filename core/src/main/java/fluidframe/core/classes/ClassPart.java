package fluidframe.core.classes;

/**
 * A part of a class.
 *
 * @param title what it is called
 * @param minutes how long it lasts
 * @param what what everybody does, in sentences
 * @param count what is counted aloud; empty for nothing
 * @param percent how fast, of the dance's slowest usual tempo; 0 without music
 */
public record ClassPart(String title, int minutes, String what, String count, int percent) {

    ClassPart lasting(int others) {
        return new ClassPart(title, others, what, count, percent);
    }
}
