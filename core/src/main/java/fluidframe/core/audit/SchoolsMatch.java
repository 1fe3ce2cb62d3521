package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.School;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** V1. Both charts are written in one school, and every other school given changes both parts. */
final class SchoolsMatch extends CheckedRule {

    SchoolsMatch() {
        super("V1", AuditSentences.bothPartsDanceTheSameSchool(), AuditSentences.onePartnerDancingABodyAction());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        Variants variants = subject.figure().variants();
        if (!variants.manSchool().equals(variants.ladySchool())) {
            found.add(error(
                    Place.field("school/lady"),
                    name(variants.ladySchool()),
                    name(variants.manSchool()),
                    AuditSentences.theMansChartIsWrittenThe(name(variants.manSchool()), name(variants.ladySchool()))));
        }
        for (int i = 0; i < variants.schools().size(); i++) {
            Variation school = variants.schools().get(i);
            for (Part part : Part.values()) {
                if (school.rows(part).isEmpty() && !school.rows(part.partner()).isEmpty()) {
                    found.add(error(
                            Place.field("schools/" + i + "/" + part.key()),
                            "nothing",
                            school.name(),
                            AuditSentences.theVariantChangesTheSRows(
                                    school.name(), part.partner().wording(), part.wording())));
                }
            }
        }
        return found;
    }

    private static String name(Optional<School> school) {
        return school.map(School::wording).orElse(AuditSentences.inNoSchool());
    }
}
