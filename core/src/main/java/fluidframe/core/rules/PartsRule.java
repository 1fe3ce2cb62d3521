package fluidframe.core.rules;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Whether figures may be danced in part. */
public enum PartsRule implements Term {
    ANY("any", "any part of a figure"),
    IN_USE("in use", "parts only where coaches have a use for them"),
    WHOLE("whole", "whole figures only");

    public static final Lexicon<PartsRule> LEXICON = Lexicon.of(RulesSentences.anyInUseOrWhole(), List.of(values()));

    private final Words words;

    PartsRule(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
    }

    @Override
    public Words words() {
        return words;
    }
}
