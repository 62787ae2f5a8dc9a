package belonax.web.shared.api;

import belonax.BadInput;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import belonax.thread.ThreadLabel;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A thread as the JSON interface takes it: by its label, of which the likeliest reading is taken, or by its tex. What is said
 * besides outweighs the label's words for fibre and build.
 */
public record ThreadBody(
        @Nullable String label,
        @Nullable Double tex,
        @Nullable Fibre fibre,
        @Nullable Build build,
        @Nullable Double ageYears,
        @Nullable Quality quality,
        @Nullable Boolean keptInSun,
        @Nullable Integer strands) {

    /**
     * Returns the thread.
     *
     * @param field where it stands in the body, for messages
     * @throws BadInput if a value makes no sense or nothing can be read on the label
     * @throws ApiRefusal if neither label nor tex is given
     */
    public SewingThread thread(String field) {
        if (label == null && tex == null) {
            throw ApiRefusal.missing(field + ".tex", "Send the thread's tex, or its label such as “Tkt 120”.");
        }
        try {
            Optional<ThreadLabel.Answer> read = Optional.ofNullable(label).map(ThreadBody::read);
            return new SewingThread(
                    read.map(answer -> answer.likeliest().tex()).orElseGet(() -> new Tex(Objects.requireNonNull(tex))),
                    fibre != null
                            ? fibre
                            : read.flatMap(ThreadLabel.Answer::fibre).orElse(Fibre.POLYESTER),
                    build != null
                            ? build
                            : read.flatMap(ThreadLabel.Answer::build).orElse(Build.SPUN),
                    ageYears == null ? OptionalDouble.empty() : OptionalDouble.of(ageYears),
                    Objects.requireNonNullElse(quality, Quality.GOOD),
                    Boolean.TRUE.equals(keptInSun),
                    Objects.requireNonNullElse(strands, 1));
        } catch (BadInput e) {
            throw e.under(field);
        }
    }

    private static ThreadLabel.Answer read(String label) {
        try {
            return ThreadLabel.read(label);
        } catch (BadInput e) {
            throw new BadInput("label", String.valueOf(e.getMessage()));
        }
    }
}
