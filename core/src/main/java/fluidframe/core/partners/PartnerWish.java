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
            throw new IllegalArgumentException(dancers.size() + " dancers: expected at most " + MOST_DANCERS);
        }
        Set<String> names = new HashSet<>();
        for (Dancer dancer : dancers) {
            if (!names.add(dancer.name())) {
                throw new IllegalArgumentException(dancer.name() + " is there twice");
            }
        }
        Set<String> kept = new HashSet<>();
        for (Pair pair : together) {
            for (String name : List.of(pair.man(), pair.lady())) {
                if (!names.contains(name)) {
                    throw new IllegalArgumentException(name + " is to stay with somebody and is not there");
                }
                if (!kept.add(name)) {
                    throw new IllegalArgumentException(name + " is to stay with two");
                }
            }
            if (apart.contains(pair)) {
                throw new IllegalArgumentException(
                        pair.man() + " and " + pair.lady() + " are to stay together and apart");
            }
        }
    }
}
