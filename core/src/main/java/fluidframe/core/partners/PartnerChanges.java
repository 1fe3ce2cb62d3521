package fluidframe.core.partners;

import fluidframe.core.couple.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Plans the changes of partners of a class. Who still has to meet whom is a graph of men on one side and ladies on the
 * other; a round is a colour. Such a graph can always be coloured with as many colours as its busiest dancer has to
 * meet (König's theorem on edge colourings), and fewer cannot do: so the plan has the fewest rounds there can be. Who
 * may dance either part makes the two sides as equal as they can be. Of all orders of the rounds one is taken in which
 * those who have rested most, and last, dance next.
 */
public final class PartnerChanges {

    private static final int NOBODY = -1;

    private final List<String> men = new ArrayList<>();
    private final List<String> ladies = new ArrayList<>();
    private final Map<String, String> given = new TreeMap<>();
    private final PartnerWish wish;

    private PartnerChanges(PartnerWish wish) {
        this.wish = wish;
        Set<String> kept = new HashSet<>();
        wish.together().forEach(pair -> kept.addAll(List.of(pair.man(), pair.lady())));
        List<Dancer> changing = wish.dancers().stream()
                .filter(dancer -> !kept.contains(dancer.name()))
                .toList();
        changing.stream()
                .filter(dancer -> dancer.part().equals(Optional.of(Part.MAN)))
                .map(Dancer::name)
                .forEach(men::add);
        changing.stream()
                .filter(dancer -> dancer.part().equals(Optional.of(Part.LADY)))
                .map(Dancer::name)
                .forEach(ladies::add);
        changing.stream().filter(dancer -> dancer.part().isEmpty()).forEach(this::give);
    }

    private void give(Dancer dancer) {
        boolean man = men.size() <= ladies.size();
        (man ? men : ladies).add(dancer.name());
        given.put(dancer.name(), (man ? Part.MAN : Part.LADY).key());
    }

    /** The plan with the fewest rounds in which everyone who may, and has not yet, dances with everyone. */
    public static PartnerPlan of(PartnerWish wish) {
        return new PartnerChanges(wish).plan();
    }

    private PartnerPlan plan() {
        boolean[][] meets = new boolean[men.size()][ladies.size()];
        Set<Pair> never = new HashSet<>(wish.apart());
        never.addAll(wish.danced());
        int[] hisMeetings = new int[men.size()];
        int[] herMeetings = new int[ladies.size()];
        for (int man = 0; man < men.size(); man++) {
            for (int lady = 0; lady < ladies.size(); lady++) {
                meets[man][lady] = !never.contains(new Pair(men.get(man), ladies.get(lady)));
                hisMeetings[man] += meets[man][lady] ? 1 : 0;
                herMeetings[lady] += meets[man][lady] ? 1 : 0;
            }
        }
        int fewest = IntStream.concat(Arrays.stream(hisMeetings), Arrays.stream(herMeetings))
                .max()
                .orElse(0);
        return new PartnerPlan(ordered(coloured(meets, fewest)), fewest, given);
    }

    /**
     * For every colour and man the lady he meets. A pair takes a colour that is free for both; where there is none, the
     * row of pairs that go by his free colour and hers by turns, beginning with her, changes the two colours, and his
     * is free for both.
     */
    private int[][] coloured(boolean[][] meets, int colours) {
        int[][] hers = new int[colours][men.size()];
        int[][] his = new int[colours][ladies.size()];
        Arrays.stream(hers).forEach(row -> Arrays.fill(row, NOBODY));
        Arrays.stream(his).forEach(row -> Arrays.fill(row, NOBODY));
        for (int off = 0; off < ladies.size(); off++) {
            for (int man = 0; man < men.size(); man++) {
                int lady = (man + off) % ladies.size();
                if (meets[man][lady]) {
                    int free = free(hers, man);
                    int herFree = free(his, lady);
                    if (his[free][lady] != NOBODY) {
                        exchange(hers, his, lady, free, herFree);
                    }
                    hers[free][man] = lady;
                    his[free][lady] = man;
                }
            }
        }
        return hers;
    }

    private static int free(int[][] partners, int dancer) {
        return IntStream.range(0, partners.length)
                .filter(colour -> partners[colour][dancer] == NOBODY)
                .findFirst()
                .orElseThrow();
    }

    /** A pair in a round. */
    private record Coloured(int man, int lady, int colour) {}

    /**
     * Along the row of pairs that begins with a lady and goes by one colour and the other by turns, the two colours
     * change places.
     */
    private static void exchange(int[][] hers, int[][] his, int first, int colour, int other) {
        List<Coloured> row = new ArrayList<>();
        int lady = first;
        int man = his[colour][lady];
        while (man != NOBODY && lady != NOBODY) {
            row.add(new Coloured(man, lady, colour));
            lady = hers[other][man];
            if (lady != NOBODY) {
                row.add(new Coloured(man, lady, other));
                man = his[colour][lady];
            }
        }
        for (Coloured pair : row) {
            hers[pair.colour()][pair.man()] = NOBODY;
            his[pair.colour()][pair.lady()] = NOBODY;
        }
        for (Coloured pair : row) {
            int changed = pair.colour() == colour ? other : colour;
            hers[changed][pair.man()] = pair.lady();
            his[changed][pair.lady()] = pair.man();
        }
    }

    /** The rounds in an order in which those rest next who have rested least, and not just now. */
    private List<PartnerRound> ordered(int[][] hers) {
        List<PartnerRound> left =
                new ArrayList<>(Arrays.stream(hers).map(this::round).toList());
        List<PartnerRound> ordered = new ArrayList<>();
        Map<String, Integer> rested = new LinkedHashMap<>();
        Set<String> justNow = Set.of();
        while (!left.isEmpty()) {
            Set<String> last = justNow;
            PartnerRound next = left.stream()
                    .min(Comparator.<PartnerRound>comparingInt(
                                    round -> -round.pairs().size())
                            .thenComparingInt(round -> (int) round.resting().stream()
                                    .filter(last::contains)
                                    .count())
                            .thenComparingInt(round -> round.resting().stream()
                                    .mapToInt(name -> rested.getOrDefault(name, 0))
                                    .sum()))
                    .orElseThrow();
            left.remove(next);
            ordered.add(next);
            next.resting().forEach(name -> rested.merge(name, 1, Integer::sum));
            justNow = new LinkedHashSet<>(next.resting());
        }
        return ordered;
    }

    private PartnerRound round(int[] hers) {
        List<Pair> pairs = new ArrayList<>(wish.together());
        List<String> resting = new ArrayList<>();
        Set<String> dancing = new HashSet<>();
        for (int man = 0; man < hers.length; man++) {
            if (hers[man] == NOBODY) {
                resting.add(men.get(man));
            } else {
                pairs.add(new Pair(men.get(man), ladies.get(hers[man])));
                dancing.add(ladies.get(hers[man]));
            }
        }
        ladies.stream().filter(lady -> !dancing.contains(lady)).forEach(resting::add);
        return new PartnerRound(pairs, resting);
    }
}
