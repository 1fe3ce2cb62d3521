package fluidframe.core.figure;

import java.util.List;

/** What a coach says about a figure besides its charts. */
public record Teaching(List<String> cues, List<String> faults, List<String> drills, List<Caution> cautions) {

    public static final Teaching NONE = new Teaching(List.of(), List.of(), List.of(), List.of());

    public Teaching {
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        drills = List.copyOf(drills);
        cautions = List.copyOf(cautions);
    }
}
