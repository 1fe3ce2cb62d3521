package fluidframe.core.partners;

import java.util.List;
import java.util.Map;

/**
 * Rounds in which everyone meets everyone.
 *
 * @param rounds one after another
 * @param fewest no plan can have fewer: somebody has so many to meet, one a round
 * @param parts the part each who may dance either has been given, by name
 */
public record PartnerPlan(List<PartnerRound> rounds, int fewest, Map<String, String> parts) {

    public PartnerPlan {
        rounds = List.copyOf(rounds);
        parts = Map.copyOf(parts);
    }
}
