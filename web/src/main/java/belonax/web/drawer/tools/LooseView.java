package belonax.web.drawer.tools;

import belonax.needle.LooseNeedle;
import belonax.room.Words;
import belonax.room.settings.Units;
import java.util.List;

/** Which systems a loose needle may be of, as the page says it. */
public record LooseView(List<Candidate> candidates, String advice) {
    /**
     * A system that it may be of.
     *
     * @param where the machines that take it
     */
    public record Candidate(String system, String chance, String where) {}

    static LooseView of(LooseNeedle.Answer answer, Units units) {
        return new LooseView(
                answer.candidates().stream()
                        .map(candidate -> new Candidate(
                                candidate.system().label(),
                                Words.chance(candidate.likelihood()),
                                candidate.system().where()))
                        .toList(),
                units.say(answer.advice()));
    }
}
