package fluidframe.core.couple;

/** Position and hold together: how the couple stand to each other at one moment. */
public record Relation(Position position, Hold hold) {

    public Relation with(RelationChange change) {
        return new Relation(change.position().orElse(position), change.hold().orElse(hold));
    }

    @Override
    public String toString() {
        return position + ", hold " + hold;
    }
}
