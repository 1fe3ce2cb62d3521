package fluidframe.core.sound;

/** Who speaks the words of the count. */
@FunctionalInterface
public interface Voice {

    /** @return the word at {@link Synthesizer#RATE} samples a second, from −1 to 1, beginning with its first sound */
    float[] say(String word);
}
