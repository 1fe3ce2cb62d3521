package fluidframe.core.partners;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What is asked of the changes of partners.
 *
 * @param dancers who is there now
 * @param together pairs who stay together in every round
 * @param apart pairs who never dance together
 * @param danced pairs who have danced together already
 */
public record PartnerWish(List<Dancer> dancers, List<Pair> together, List<Pair> apart, List<Pair> danced) {

    public static final int MOST_DANCERS = 200;

    /** @throws IllegalArgumentException naming who is there twice, too many, unknown, or kept together with two */
    public PartnerWish {
        dancers = List.copyOf(dancers);
        together = List.copyOf(together);
        apart = List.copyOf(apart);
        danced = List.copyOf(danced);
        if (dancers.size() > MOST_DANCERS) {
            throw new IllegalArgumentException(PartnersSentences.dancersExpectedAtMost(dancers.size(), MOST_DANCERS));
        }
        Set<String> names = new HashSet<>();
        for (Dancer dancer : dancers) {
            if (!names.add(dancer.name())) {
                throw new IllegalArgumentException(PartnersSentences.isThereTwice(dancer.name()));
            }
        }
        Set<String> kept = new HashSet<>();
        for (Pair pair : together) {
            for (String name : List.of(pair.man(), pair.lady())) {
                if (!names.contains(name)) {
                    throw new IllegalArgumentException(PartnersSentences.isToStayWithSomebodyAnd(name));
                }
                if (!kept.add(name)) {
                    throw new IllegalArgumentException(PartnersSentences.isToStayWithTwo(name));
                }
            }
            if (apart.contains(pair)) {
                throw new IllegalArgumentException(PartnersSentences.andAreToStayTogetherAnd(pair.man(), pair.lady()));
            }
        }
    }
}
