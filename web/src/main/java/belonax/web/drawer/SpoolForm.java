package belonax.web.drawer;

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
import belonax.web.shared.form.Entries;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Between what is typed about a spool and the spool. */
final class SpoolForm {
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
                            .filter(it -> !it.isMultiple())
                            .toArray(NeedleType[]::new),
                    NeedleType::words),
            Choice.of(
                    Stream.of(SnapResult.values())
                            .filter(it -> it != SnapResult.NOT_TESTED)
                            .toArray(SnapResult[]::new),
                    SnapResult::words));

    /** What the selects offer. */
    record Lists(
            List<Choice> fibres,
            List<Choice> builds,
            List<Choice> windings,
            List<Choice> qualities,
            List<Choice> types,
            List<Choice> snaps) {}

    private SpoolForm() {}

    /**
     * Reads label, length and weight.
     *
     * @throws belonax.BadInput if they tell no fineness
     */
    static ThreadLabel.Answer reading(Entries entries, Units units) {
        Double length = entries.optional("length", "Type the length on the spool, or leave it empty.");
        Double grams = entries.optional("grams", "Type what the thread weighs without its spool, or leave it empty.");
        Optional<String> text = entries.has("text") ? Optional.of(entries.text("text")) : Optional.empty();
        return entries.done(() -> ThreadLabel.read(
                text,
                optional(length == null ? null : units.toMetres(length)),
                optional(grams == null ? null : units.toGrams(grams))));
    }

    /** Returns the entries with what the label tells filled in where nothing was typed. */
    static Map<String, String> withReading(Entries entries, ThreadLabel.Answer answer, Units units) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("tex", answer.likeliest().tex().shown());
        all.put("fibre", answer.fibre().orElse(Fibre.POLYESTER).name());
        all.put("build", answer.build().orElse(Build.SPUN).name());
        all.put("quality", Quality.GOOD.name());
        all.put("winding", Delivery.Winding.CROSS.name());
        all.put("metresLeft", entries.text("length"));
        all.put("label", entries.text("text"));
        all.putAll(entries.shown());
        return all;
    }

    /**
     * Builds the spool.
     *
     * @param before what was kept so far, whose snap test stays
     * @throws belonax.BadInput naming every field that will not do
     */
    static Spool spool(Entries entries, Units units, Optional<Spool> before) {
        double tex = entries.number("tex", "Type the tex, such as 25.");
        Double left = entries.optional("metresLeft", "Type how much is left, or leave it empty.");
        Integer year = entries.optionalWhole("boughtYear", "Type the year, such as 2019, or leave it empty.");
        Integer noteNm = entries.optionalWhole("noteNm", "Type the size that the spool names, such as 75.");
        Fibre fibre = entries.word("fibre", Fibre.class, Fibre.POLYESTER);
        Build build = entries.word("build", Build.class, Build.SPUN);
        Quality quality = entries.word("quality", Quality.class, Quality.GOOD);
        Delivery.Winding winding = entries.word("winding", Delivery.Winding.class, Delivery.Winding.CROSS);
        NeedleType noteType = entries.optionalWord("noteType", NeedleType.class);
        SnapResult snap = before.map(Spool::snap).orElse(SnapResult.NOT_TESTED);
        LocalDate snappedOn = before.map(Spool::snappedOn).orElse(null);
        return entries.done(() -> new Spool(
                entries.text("colour"),
                entries.text("label"),
                new Tex(tex).value(),
                fibre,
                build,
                left == null ? null : units.toMetres(left),
                year,
                quality,
                entries.ticked("keptInSun"),
                winding,
                noteType,
                noteNm,
                snap,
                snappedOn,
                entries.text("note")));
    }

    static Map<String, String> typed(Kept<Spool> kept, Units units) {
        Spool it = kept.card();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("revision", String.valueOf(kept.revision()));
        all.put("colour", it.colour());
        all.put("label", it.label());
        all.put("tex", new Tex(it.tex()).shown());
        all.put("fibre", it.fibre().name());
        all.put("build", it.build().name());
        all.put(
                "metresLeft",
                Optional.ofNullable(it.metresLeft()).map(units::metresNumber).orElse(""));
        all.put(
                "boughtYear",
                Optional.ofNullable(it.boughtYear()).map(String::valueOf).orElse(""));
        all.put("quality", it.quality().name());
        all.put("keptInSun", String.valueOf(it.keptInSun()));
        all.put("winding", it.winding().name());
        all.put("noteType", Optional.ofNullable(it.noteType()).map(Enum::name).orElse(""));
        all.put("noteNm", Optional.ofNullable(it.noteNm()).map(String::valueOf).orElse(""));
        all.put("note", it.note());
        return all;
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
