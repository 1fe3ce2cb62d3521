package fluidframe.app.floor;

import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/**
 * Writes numbers to four decimals, as a tenth of a millimetre is more than enough; thousands of them are most of what a
 * score weighs.
 */
final class RoundedNumbers extends ValueSerializer<double[]> {

    private static final int UNIT = 10_000;
    /** A sign, the digits of a long, the point and a comma. */
    private static final int LONGEST = 23;

    @Override
    public void serialize(double[] numbers, JsonGenerator json, SerializationContext context) {
        char[] text = new char[2 + numbers.length * LONGEST];
        int end = 0;
        text[end++] = '[';
        for (int i = 0; i < numbers.length; i++) {
            if (i > 0) {
                text[end++] = ',';
            }
            end = write(Math.round(numbers[i] * UNIT), text, end);
        }
        text[end++] = ']';
        json.writeRawValue(text, 0, end);
    }

    private static int write(long units, char[] text, int from) {
        int end = from;
        if (units < 0) {
            text[end++] = '-';
        }
        String whole = Long.toString(Math.abs(units / UNIT));
        whole.getChars(0, whole.length(), text, end);
        end += whole.length();
        text[end++] = '.';
        int rest = (int) Math.abs(units % UNIT);
        int unit = UNIT / 10;
        do {
            text[end++] = (char) ('0' + rest / unit);
            rest %= unit;
            unit /= 10;
        } while (rest > 0);
        return end;
    }
}
