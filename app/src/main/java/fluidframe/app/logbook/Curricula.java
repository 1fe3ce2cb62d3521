package fluidframe.app.logbook;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.teaching.TeachingOrders;
import fluidframe.core.figure.Level;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Curriculum;
import fluidframe.core.practice.Curriculum.Pupils;
import fluidframe.core.practice.Ledger;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What couples are taught, of the figures that are stored, in the studio's teaching orders. */
@Component
class Curricula {

    private final FigureStore figures;
    private final TeachingOrders orders;

    Curricula(FigureStore figures, TeachingOrders orders) {
        this.figures = figures;
        this.orders = orders;
    }

    Curriculum of(CoupleDocument couple, List<Commitment> commitments, Ledger ledger) {
        Pupils pupils = new Pupils(
                Optional.ofNullable(couple.level()).flatMap(Level.LEXICON::find),
                distinct(couple.dances()),
                distinct(couple.term()));
        return Curriculum.of(pupils, commitments, ledger, figures::findAll, orders::of);
    }

    private static Set<String> distinct(List<String> ids) {
        return ids == null ? Set.of() : Set.copyOf(ids);
    }
}
