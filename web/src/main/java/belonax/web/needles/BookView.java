package belonax.web.needles;

import belonax.Shown;
import belonax.life.LearntLife;
import belonax.needle.NeedleInUse;
import belonax.room.Words;
import belonax.room.life.NeedleLives;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleRecord;
import belonax.web.shared.drawing.NeedlePortrait;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The needle book: parked needles by their places, loose ones, lifelines, the jar, and what was learnt. */
public record BookView(
        List<PlaceShown> places,
        List<NeedleShown> loose,
        List<MissingShown> missing,
        List<Lifeline> lifelines,
        Axis axis,
        List<LearntShown> learnt,
        String jar,
        boolean jarIsFull,
        String machineId,
        String machineName) {

    private static final int LINES = 12;
    private static final double LEFT_PX = 150;
    private static final double WIDTH_PX = 230;
    private static final double MIN_HOURS = 10;
    private static final int JAR_FULL = 40;

    /** A marked place with the needles in it. */
    public record PlaceShown(String name, List<NeedleShown> needles) {}

    /** A needle, drawn, with its wear. */
    public record NeedleShown(
            String id,
            String name,
            String code,
            String worn,
            double wornPercent,
            NeedlePortrait drawing,
            boolean fits) {}

    /** A broken needle of which something is missing. */
    public record MissingShown(String id, String words) {}

    /** One needle's hours as a line; a ring at its end when it failed, a bar when it was retired sound. */
    public record Lifeline(
            String name, double yPx, double toPx, String hours, String end, boolean failed, boolean alive) {}

    /** The hours along the bottom, with the hour at which the school retires. */
    public record Axis(List<Tick> ticks, double limitPx, String limitWords, double heightPx) {
        private static final double WORDS_PX = 22;

        /** Returns where the lines end, above the hours. */
        public double bottomPx() {
            return heightPx - WORDS_PX;
        }
    }

    /** An hour on the axis. */
    public record Tick(double xPx, String words) {}

    /** How long a kind of needle lasts here. */
    public record LearntShown(String what, String hours, String band, String seen) {}

    static BookView of(NeedleLives.Contents book, Optional<MachineNow> onTheTable) {
        Map<String, List<NeedleShown>> byPlace = new TreeMap<>();
        for (NeedleRecord needleRecord : book.parked()) {
            byPlace.computeIfAbsent(needleRecord.keptAt(), any -> new ArrayList<>())
                    .add(shown(needleRecord, onTheTable));
        }
        List<NeedleRecord> lines = book.used().stream()
                .filter(needleRecord -> needleRecord.effectiveHours() > 0)
                .limit(LINES)
                .sorted(Comparator.comparingDouble(NeedleRecord::effectiveHours).reversed())
                .toList();
        double most = Math.max(
                MIN_HOURS,
                lines.stream().mapToDouble(NeedleRecord::effectiveHours).max().orElse(0));
        return new BookView(
                byPlace.entrySet().stream()
                        .map(entry -> new PlaceShown(entry.getKey(), entry.getValue()))
                        .toList(),
                book.loose().stream()
                        .map(needleRecord -> shown(needleRecord, onTheTable))
                        .toList(),
                book.missing().stream()
                        .map(needleRecord -> new MissingShown(
                                needleRecord.id().toString(),
                                Words.capital(needleRecord.needle().words()) + ": " + needleRecord.missing()))
                        .toList(),
                lifelines(lines, most),
                axis(most, lines.size()),
                book.learnt().stream().map(BookView::shown).toList(),
                Words.count(book.inTheJar(), "needle"),
                book.inTheJar() >= JAR_FULL,
                onTheTable.map(MachineNow::id).orElse(""),
                onTheTable.map(machineNow -> machineNow.machine().name()).orElse(""));
    }

    private static NeedleShown shown(NeedleRecord needleRecord, Optional<MachineNow> onTheTable) {
        return new NeedleShown(
                needleRecord.id().toString(),
                Words.capital(needleRecord.needle().words()),
                needleRecord.needle().code(),
                String.format(Locale.ROOT, "%.1f of %.0f h", needleRecord.effectiveHours(), NeedleInUse.WORN_HOURS)
                        + (needleRecord.struck() ? ", struck" : ""),
                Math.min(100, 100 * needleRecord.effectiveHours() / NeedleInUse.WORN_HOURS),
                NeedlePortrait.of(needleRecord.needle()),
                onTheTable
                        .filter(machine -> machine.machine()
                                .systems()
                                .contains(needleRecord.needle().system()))
                        .isPresent());
    }

    private static List<Lifeline> lifelines(List<NeedleRecord> lines, double most) {
        List<Lifeline> all = new ArrayList<>();
        for (NeedleRecord needleRecord : lines) {
            all.add(new Lifeline(
                    Words.capital(needleRecord.needle().words()),
                    34 + 26.0 * all.size(),
                    px(needleRecord.effectiveHours(), most),
                    String.format(Locale.ROOT, "%.1f h", needleRecord.effectiveHours()),
                    end(needleRecord),
                    needleRecord.failed(),
                    !needleRecord.isOver()));
        }
        return all;
    }

    private static String end(NeedleRecord needleRecord) {
        return switch (needleRecord.state()) {
            case BROKEN -> "broke";
            case JARRED -> needleRecord.failed() ? "failed" : "sound";
            case IN_MACHINE -> "in use";
            case PARKED -> "parked";
            default -> "out";
        };
    }

    private static Axis axis(double most, int lines) {
        List<Tick> ticks = new ArrayList<>();
        for (int hour = 0; hour <= most; hour += 2) {
            ticks.add(new Tick(px(hour, most), String.valueOf(hour)));
        }
        return new Axis(
                ticks,
                px(NeedleInUse.WORN_HOURS, most),
                Shown.number(NeedleInUse.WORN_HOURS) + " h, the guide",
                34 + 26.0 * Math.max(1, lines) + 26);
    }

    private static LearntShown shown(NeedleLives.Learnt learnt) {
        LearntLife life = learnt.life();
        String seen = switch (life.failuresSeen()) {
            case 0 -> "no failure seen: the guide";
            case 1 -> "1 failure seen: still the guide's word";
            default -> life.failuresSeen() + " failures seen" + (life.hasLearnt() ? "" : ": still the guide's word");
        };
        return new LearntShown(
                Words.capital(learnt.type().words()) + " on " + learnt.wear().words(),
                String.format(Locale.ROOT, "%.1f h", life.hoursOneInFive()),
                String.format(
                        Locale.ROOT, "%.1f to %.1f h", life.hoursOneInFiveBound(0.1), life.hoursOneInFiveBound(0.9)),
                seen);
    }

    private static double px(double hours, double most) {
        return LEFT_PX + WIDTH_PX * hours / most;
    }
}
