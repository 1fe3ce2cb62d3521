package fluidframe.core.text;

import com.ibm.icu.text.DecimalFormat;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.math.RoundingMode;
import java.text.Format;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A sentence of a catalogue. One that only has values put into it is put together here, as most are; plurals, choices
 * and decimals are left to ICU. Half is rounded up, as everywhere in the program.
 */
sealed interface Sentence {

    /** The sentence with its values, each after its name. */
    String with(Object... namesAndValues);

    /** @throws IllegalArgumentException if the pattern is none of ICU's */
    static Sentence of(String pattern, Locale locale) {
        MessagePattern parts = new MessagePattern(pattern);
        List<Piece> pieces = new ArrayList<>();
        Set<String> numbers = new HashSet<>();
        boolean isPlain = true;
        int at = 0;
        for (int i = 0; i < parts.countParts(); i++) {
            Part part = parts.getPart(i);
            if (part.getType() == Part.Type.ARG_START) {
                String name = parts.getSubstring(parts.getPart(i + 1));
                isPlain &= part.getArgType() == ArgType.NONE;
                if (part.getArgType() == ArgType.SIMPLE || part.getArgType().hasPluralStyle()) {
                    numbers.add(name);
                }
                if (isPlain) {
                    pieces.add(new Piece(pattern.substring(at, part.getIndex()), name));
                    at = parts.getPart(parts.getLimitPartIndex(i)).getLimit();
                }
            } else if (part.getType() == Part.Type.SKIP_SYNTAX && isPlain) {
                pieces.add(new Piece(pattern.substring(at, part.getIndex()), null));
                at = part.getLimit();
            }
        }
        if (isPlain) {
            pieces.add(new Piece(pattern.substring(at), null));
            return new Plain(List.copyOf(pieces));
        }
        MessageFormat format = new MessageFormat(pattern, locale);
        for (Format each : format.getFormats()) {
            if (each instanceof DecimalFormat decimals) {
                decimals.setRoundingMode(RoundingMode.HALF_UP.ordinal());
            }
        }
        return new Formatted(format, Set.copyOf(numbers));
    }

    /** Words, and the name of the value behind them, if one follows. */
    record Piece(String words, String value) {}

    /** Words with values between them. */
    record Plain(List<Piece> pieces) implements Sentence {

        @Override
        public String with(Object... namesAndValues) {
            StringBuilder said = new StringBuilder();
            for (Piece piece : pieces) {
                said.append(piece.words());
                if (piece.value() != null) {
                    said.append(valueOf(piece.value(), namesAndValues));
                }
            }
            return said.toString();
        }

        private static Object valueOf(String name, Object... namesAndValues) {
            for (int i = 0; i < namesAndValues.length; i += 2) {
                if (namesAndValues[i].equals(name)) {
                    return namesAndValues[i + 1];
                }
            }
            throw new IllegalArgumentException(TextSentences.aSentenceWithoutIts(name));
        }
    }

    /** What ICU puts together. A value that is no number there is put in as it is. */
    record Formatted(MessageFormat format, Set<String> numbers) implements Sentence {

        @Override
        public String with(Object... namesAndValues) {
            Map<String, Object> values = new HashMap<>();
            for (int i = 0; i < namesAndValues.length; i += 2) {
                String name = (String) namesAndValues[i];
                Object value = namesAndValues[i + 1];
                values.put(name, numbers.contains(name) ? value : String.valueOf(value));
            }
            return ((MessageFormat) format.clone()).format(values);
        }
    }
}
