package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.choreography.Lift;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A question with some of it given up. */
final class LiftedQuestion {

    private final JsonMapper json;
    private final boolean syllabus;

    /** @param syllabus whether only listed neighbours may follow each other in the routine */
    LiftedQuestion(JsonMapper json, boolean syllabus) {
        this.json = json;
        this.syllabus = syllabus;
    }

    CompositionQuestion of(CompositionQuestion question, List<Lift> lifts) {
        ObjectNode lifted = json.valueToTree(question);
        lifts.forEach(lift -> give(lifted, lift, question.routine()));
        return json.treeToValue(lifted, CompositionQuestion.class);
    }

    private void give(ObjectNode question, Lift lift, RoutineDocument routine) {
        switch (lift.kind()) {
            case CORNERS -> question.remove("corners");
            case LENGTH ->
                List.of("toBar", "least", "most").forEach(field -> {
                    if (question.hasNonNull(field)) {
                        question.put(field, question.get(field).asInt() + lift.bars());
                    }
                });
            case BENDS -> question.put("bends", true);
            case REQUIRED_AMALGAMATION ->
                remove(question, "requiredAmalgamations", lift.id().orElseThrow());
            case REQUIRED_FIGURE -> remove(question, "required", lift.id().orElseThrow());
            case ENDING -> lifted(question).add("ending");
            case OPENING -> lifted(question).add("opening");
            case LEVEL ->
                question.set(
                        "routine",
                        json.valueToTree(routine.under(new Conditions(syllabus, Level.LEXICON.read(lift.title())))));
            case FLOOR -> question.put("fitsRoom", false);
        }
    }

    private static ArrayNode lifted(ObjectNode question) {
        return question.hasNonNull("lifted") ? (ArrayNode) question.get("lifted") : question.putArray("lifted");
    }

    private static void remove(ObjectNode question, String field, String id) {
        ArrayNode left = (ArrayNode) question.get(field);
        for (int i = left.size() - 1; i >= 0; i--) {
            if (left.get(i).asString().equals(id)) {
                left.remove(i);
            }
        }
    }
}
