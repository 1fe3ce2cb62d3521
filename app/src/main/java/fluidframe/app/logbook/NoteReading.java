package fluidframe.app.logbook;

import fluidframe.app.problems.Faults;
import fluidframe.core.memory.Grade;
import fluidframe.core.practice.Noted;
import fluidframe.core.practice.Subject;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A note as it was read.
 *
 * @param danced what was danced and how it went; empty for words alone
 */
record NoteReading(Instant at, Optional<Noted> danced) {

    /** @throws fluidframe.app.problems.RefusedException naming everything that is wrong with it */
    static NoteReading of(NoteDocument note) {
        Faults faults = new Faults("");
        Optional<Instant> at = at(faults, note);
        Optional<Subject> subject = Optional.ofNullable(note.subject())
                .flatMap(text -> faults.tried("/subject", text, Subject.EXPECTED, () -> Subject.parse(text)));
        Optional<Grade> grade =
                note.grade() == null ? Optional.empty() : faults.term("/grade", note.grade(), Grade.LEXICON);
        List<Subject.Fault> seen = new ArrayList<>();
        for (int i = 0; note.faults() != null && i < note.faults().size(); i++) {
            String text = note.faults().get(i);
            faults.tried("/faults/" + i, text, Subject.EXPECTED, () -> (Subject.Fault) fault(text))
                    .ifPresent(seen::add);
        }
        if (note.subject() != null && note.grade() == null && seen.isEmpty()) {
            faults.add("/grade", null, Grade.LEXICON.expected());
        }
        if (note.subject() == null && !seen.isEmpty()) {
            faults.add("/subject", null, Subject.EXPECTED);
        }
        if (note.subject() == null && (note.words() == null || note.words().isBlank())) {
            faults.add("/words", note.words(), LogbookSentences.wordsOrWhatWasDanced());
        }
        faults.refuse();
        return new NoteReading(
                at.orElseThrow(), subject.map(danced -> new Noted(at.orElseThrow(), danced, grade, seen)));
    }

    private static Subject fault(String text) {
        Subject subject = Subject.parse(text);
        if (!(subject instanceof Subject.Fault)) {
            throw new IllegalArgumentException(LogbookSentences.itNamesNoFault());
        }
        return subject;
    }

    private static Optional<Instant> at(Faults faults, NoteDocument note) {
        try {
            return Optional.of(Instant.parse(note.at()));
        } catch (DateTimeException e) {
            faults.add("/at", note.at(), LogbookSentences.aMomentSuchAs202612());
            return Optional.empty();
        }
    }
}
