package fluidframe.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** One right answer among wrong ones, in an order drawn by lot. */
final class Options {

    /** How many wrong ones stand beside the right one. */
    static final int OTHERS = 3;

    private Options() {}

    static Expected.Chosen of(String right, List<String> others, Random random) {
        List<String> options = new ArrayList<>(others);
        int place = random.nextInt(options.size() + 1);
        options.add(place, right);
        return new Expected.Chosen(options, place);
    }
}
