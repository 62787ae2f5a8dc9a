package belonax.web.drawer.thread;

import belonax.room.Words;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import belonax.thread.ThreadLabel;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A spool's label as it was read: the likeliest fineness first, then the others and the question that parts them. */
public record SpoolReading(
        String headline,
        String because,
        List<Row> rows,
        @Nullable String question) {
    private static final double THREAD_PX_PER_MM = 60;
    private static final double BAR_PX = 150;

    /**
     * One reading.
     *
     * @param barPx its likelihood as a bar
     * @param threadPx the thread's diameter, drawn sixty times
     */
    public record Row(
            String system, String tex, String likelihood, double barPx, double threadPx, String diameter, String why) {}

    static SpoolReading of(ThreadLabel.Answer answer, Units units) {
        ThreadLabel.Reading first = answer.likeliest();
        return new SpoolReading(
                (answer.question().isPresent() ? "Likely " : "") + first.tex(),
                first.why(),
                answer.readings().stream().map(reading -> row(reading, units)).toList(),
                answer.question().map(units::say).orElse(null));
    }

    private static Row row(ThreadLabel.Reading reading, Units units) {
        double diameter = SewingThread.spunPolyester(reading.tex().value()).diameterMm();
        return new Row(
                reading.numbering().words(),
                reading.tex().toString(),
                Words.chance(reading.likelihood()),
                Math.max(2, BAR_PX * reading.likelihood()),
                Math.min(44, diameter * THREAD_PX_PER_MM),
                units.mm(Math.round(diameter * 100) / 100.0),
                units.say(reading.why()));
    }
}
