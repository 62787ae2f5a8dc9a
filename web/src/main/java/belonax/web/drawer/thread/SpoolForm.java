package belonax.web.drawer.thread;

import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Delivery;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SnapResult;
import belonax.thread.Tex;
import belonax.thread.ThreadLabel;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is typed about a spool, in the sewist's own measures. */
public record SpoolForm(
        @Nullable Integer revision,
        @Nullable String colour,
        @Nullable String label,

        @Ask(value = "Type the tex, such as 25.", needed = true) @Nullable
        Double tex,

        @Nullable Fibre fibre,
        @Nullable Build build,

        @Ask("Type how much is left, or leave it empty.") @Nullable
        Double metresLeft,

        @Ask("Type the year, such as 2019, or leave it empty.") @Nullable
        Integer boughtYear,

        @Nullable Quality quality,
        @Nullable Boolean keptInSun,
        Delivery.@Nullable Winding winding,
        @Nullable NeedleType noteType,

        @Ask("Type the size that the spool names, such as 75.") @Nullable
        Integer noteNm,

        @Nullable String note) {

    static final Lists LISTS = new Lists(
            Choice.of(Fibre.values(), Fibre::words),
            Choice.of(Build.values(), Build::words),
            Choice.of(Delivery.Winding.values(), Delivery.Winding::words),
            List.of(
                    new Choice(Quality.GOOD.name(), "good"),
                    new Choice(Quality.CHEAP.name(), "cheap"),
                    new Choice(Quality.UNKNOWN.name(), "nobody knows")),
            Choice.of(
                    Stream.of(NeedleType.values())
                            .filter(type -> !type.isMultiple())
                            .toArray(NeedleType[]::new),
                    NeedleType::words),
            Choice.of(
                    Stream.of(SnapResult.values())
                            .filter(snapResult -> snapResult != SnapResult.NOT_TESTED)
                            .toArray(SnapResult[]::new),
                    SnapResult::words));

    /** What the selects offer. */
    public record Lists(
            List<Choice> fibres,
            List<Choice> builds,
            List<Choice> windings,
            List<Choice> qualities,
            List<Choice> types,
            List<Choice> snaps) {}

    static SpoolForm of(Kept<Spool> kept, Units units) {
        Spool spool = kept.card();
        return new SpoolForm(
                kept.revision(),
                spool.colour(),
                spool.label(),
                Parsed.shown(new Tex(spool.tex()).shown()),
                spool.fibre(),
                spool.build(),
                Parsed.shown(spool.metresLeft() == null ? null : units.metresNumber(spool.metresLeft())),
                spool.boughtYear(),
                spool.quality(),
                spool.keptInSun(),
                spool.winding(),
                spool.noteType(),
                spool.noteNm(),
                spool.note());
    }

    /** Returns what a label tells. */
    static SpoolForm of(Label label, ThreadLabel.Answer answer) {
        return new SpoolForm(
                null,
                null,
                label.text(),
                Parsed.shown(answer.likeliest().tex().shown()),
                answer.fibre().orElse(Fibre.POLYESTER),
                answer.build().orElse(Build.SPUN),
                label.length(),
                null,
                Quality.GOOD,
                null,
                Delivery.Winding.CROSS,
                null,
                null,
                null);
    }

    /** What is printed on a spool, how long it is, and what it weighs, in the sewist's own measures. */
    public record Label(
            @Nullable String text,

            @Ask("Type the length on the spool, or leave it empty.") @Nullable
            Double length,

            @Ask("Type what the thread weighs without its spool, or leave it empty.") @Nullable
            Double grams) {

        static Label none() {
            return new Label(null, null, null);
        }

        boolean tellsNothing() {
            return (text == null || text.isBlank()) && length == null && grams == null;
        }

        /**
         * Reads label, length and weight.
         *
         * @throws belonax.BadInput if they tell no fineness
         */
        ThreadLabel.Answer read(Units units) {
            return ThreadLabel.read(
                    Optional.ofNullable(text).map(String::strip).filter(word -> !word.isEmpty()),
                    Stream.ofNullable(length).mapToDouble(units::toMetres).findFirst(),
                    Stream.ofNullable(grams).mapToDouble(units::toGrams).findFirst());
        }
    }

    /**
     * Builds the spool.
     *
     * @param before what was kept so far, whose snap test stays
     * @throws belonax.BadInput naming every field that will not do
     */
    public Spool spool(Units units, Optional<Spool> before) {
        return new Spool(
                Objects.requireNonNullElse(colour, "").strip(),
                Objects.requireNonNullElse(label, "").strip(),
                new Tex(Objects.requireNonNull(tex)).value(),
                Objects.requireNonNullElse(fibre, Fibre.POLYESTER),
                Objects.requireNonNullElse(build, Build.SPUN),
                metresLeft == null ? null : units.toMetres(metresLeft),
                boughtYear,
                Objects.requireNonNullElse(quality, Quality.GOOD),
                Boolean.TRUE.equals(keptInSun),
                Objects.requireNonNullElse(winding, Delivery.Winding.CROSS),
                noteType,
                noteNm,
                before.map(Spool::snap).orElse(SnapResult.NOT_TESTED),
                before.map(Spool::snappedOn).orElse(null),
                Objects.requireNonNullElse(note, "").strip());
    }

    /** Returns the entries as a table has them. */
    public static Map<String, String> row(Spool spool, Units units) {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("colour", spool.colour());
        row.put("label", spool.label());
        row.put("tex", new Tex(spool.tex()).shown());
        row.put("fibre", spool.fibre().name());
        row.put("build", spool.build().name());
        row.put("metresLeft", spool.metresLeft() == null ? "" : units.metresNumber(spool.metresLeft()));
        row.put("boughtYear", spool.boughtYear() == null ? "" : String.valueOf(spool.boughtYear()));
        row.put("quality", spool.quality().name());
        row.put("keptInSun", String.valueOf(spool.keptInSun()));
        row.put("winding", spool.winding().name());
        row.put("noteType", spool.noteType() == null ? "" : spool.noteType().name());
        row.put("noteNm", spool.noteNm() == null ? "" : String.valueOf(spool.noteNm()));
        row.put("note", spool.note());
        row.put(
                "snap",
                spool.snap() == SnapResult.NOT_TESTED ? "" : spool.snap().name());
        row.put("snappedOn", spool.snappedOn() == null ? "" : String.valueOf(spool.snappedOn()));
        return row;
    }
}
