package belonax.web.shared.sentence;

import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MachineKind;
import belonax.match.MatchRequest;
import belonax.room.settings.Units;
import belonax.web.shared.form.Parsed;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The work as it stands in the address: its purpose, its stitch, a twin that is wished for, what rules the size.
 *
 * @param purpose null until it is known on which machine, likewise the school until the settings are
 */
public record WorkAsked(
        @Nullable String purpose,
        String width,
        String offset,
        String twin,
        @Nullable String school) {

    /** Stands between a purpose and the twin that it is sewn with, where both are chosen at once. */
    static final String WITH_TWIN = ":";

    /** Marks the spacing of a needle with three points. */
    static final String TRIPLE = "triple-";

    public WorkAsked {
        width = Objects.requireNonNullElse(width, "");
        offset = Objects.requireNonNullElse(offset, "");
        twin = Objects.requireNonNullElse(twin, "");
    }

    /** What is a seam on one machine is an overlock seam on another; other work stays what was asked, and may be refused. */
    WorkAsked on(Optional<MachineKind> kind, SizeSchool usual) {
        String asked = Objects.requireNonNullElse(purpose, Purpose.SEAM.name());
        boolean ordinary = asked.equals(Purpose.SEAM.name()) || asked.equals(Purpose.OVERLOCK.name());
        return new WorkAsked(
                ordinary ? kind.map(Purpose::usualOn).map(Purpose::name).orElse(asked) : asked,
                width,
                offset,
                twin,
                school == null ? usual.name() : school);
    }

    /**
     * Tells a job what is sewn.
     *
     * @throws belonax.BadInput naming the part that will not do
     */
    void tell(JobBuilder job, Units units) {
        Double widthMm = widthMm(units);
        Double offCentreMm = offCentreMm(units);
        job.purpose(purposeRead())
                .school(Parsed.word("school", SizeSchool.class, Objects.requireNonNullElse(school, "")))
                .stitchWidthMm(widthMm == null ? 0 : widthMm)
                .offCentreMm(offCentreMm == null ? 0 : offCentreMm);
    }

    /**
     * Returns the purpose.
     *
     * @throws belonax.BadInput if there is no such
     */
    Purpose purposeRead() {
        return Parsed.word("purpose", Purpose.class, typedPurpose());
    }

    /** Returns the stitch width in millimetres; null where none was typed. */
    @Nullable
    Double widthMm(Units units) {
        return millimetres("width", width, units, "Type the stitch width, such as 3 mm.");
    }

    /** Returns how far the needle stands off the middle in millimetres; null where nothing was typed. */
    @Nullable
    Double offCentreMm(Units units) {
        return millimetres("offset", offset, units, "Type how far the needle stands off the middle.");
    }

    /**
     * Returns the needle of several points that is wished for.
     *
     * @throws belonax.BadInput if its spacing is no number
     */
    Optional<MatchRequest.TwinWish> wish() {
        String wished = twinWished();
        if (wished.isBlank()) {
            return Optional.empty();
        }
        boolean triple = wished.startsWith(TRIPLE);
        String spacing = triple ? wished.substring(TRIPLE.length()) : wished;
        return Optional.of(new MatchRequest.TwinWish(
                Parsed.number("twin", spacing, "Type the distance between the needles in mm, such as 4."),
                triple ? 3 : 2));
    }

    /** Returns the word of the purpose, without a twin that was chosen with it. */
    String typedPurpose() {
        String both = chosenPurpose();
        return both.contains(WITH_TWIN) ? both.substring(0, both.indexOf(WITH_TWIN)) : both;
    }

    /** Returns what is chosen in the list of purposes. */
    public String chosenPurpose() {
        return Objects.requireNonNullElse(purpose, "");
    }

    /** Returns the spacing of the needle of several points that is wished for, as it was typed; empty for none. */
    String twinWished() {
        String both = chosenPurpose();
        return both.contains(WITH_TWIN) ? both.substring(both.indexOf(WITH_TWIN) + 1) : twin;
    }

    void addTo(Address address) {
        address.with("purpose", chosenPurpose())
                .with("width", width)
                .with("offset", offset)
                .with("twin", twin)
                .with("school", Objects.requireNonNullElse(school, ""));
    }

    private static @Nullable Double millimetres(String field, String text, Units units, String advice) {
        return text.isBlank() ? null : units.toMm(Parsed.number(field, text, advice));
    }
}
