package belonax.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleOutline.Place;
import java.util.ArrayList;
import java.util.List;

/**
 * A needle as it lies under a glass, to scale: sound, or worn in one of the ways that can be seen.
 *
 * @param amount how much of it there is, 0 to 1
 */
public record NeedleDrawing(Needle needle, NeedleState state, double amount) {
    private static final double BENDS_FROM_MM = 20;
    private static final double MAX_BENT_MM = 0.9;
    private static final double MAX_WORN_MM = 0.5;
    private static final double FINE_MM = 0.04;
    private static final double HOOK_MM = 0.45;
    private static final double HOOK_TURNS_MM = 0.3;

    /** Returns the outline from the front, in millimetres from the butt and from the needle's own middle. */
    public List<Place> front() {
        return worn(NeedleOutline.of(needle).front());
    }

    /** Returns the outline from the side: the groove side at the left, flat and scarf at the right. */
    public List<Place> side() {
        return worn(NeedleOutline.of(needle).side());
    }

    /** Returns how far the eye lies aside, in millimetres, because the blade is bent. */
    public double asideMm(double yMm) {
        if (state != NeedleState.BENT || yMm < BENDS_FROM_MM) {
            return 0;
        }
        double along = (yMm - BENDS_FROM_MM) / (tipMm() - BENDS_FROM_MM);
        return amount * MAX_BENT_MM * along * along;
    }

    /** Returns where the tip ends, or ended, in millimetres from the butt. */
    public double tipMm() {
        return NeedleOutline.of(needle).tipMm();
    }

    private List<Place> worn(List<Place> sparse) {
        List<Place> outline = state == NeedleState.HOOKED ? finely(sparse) : sparse;
        return switch (state) {
            case SOUND -> outline;
            case BENT ->
                outline.stream()
                        .map(place -> new Place(place.xMm() + asideMm(place.yMm()), place.yMm()))
                        .toList();
            case BLUNT -> {
                double flat = tipMm() - (0.15 + 0.85 * amount) * MAX_WORN_MM;
                yield outline.stream()
                        .map(place -> new Place(place.xMm(), Math.min(flat, place.yMm())))
                        .toList();
            }
            case HOOKED ->
                outline.stream()
                        .map(place -> {
                            double over = Math.max(0, place.yMm() - (tipMm() - HOOK_MM)) / HOOK_MM;
                            double turned = (0.3 + 0.7 * amount) * over * over;
                            return new Place(
                                    place.xMm() + HOOK_TURNS_MM * turned, place.yMm() - HOOK_TURNS_MM / 2 * turned);
                        })
                        .toList();
        };
    }

    /** A tip that turns over wants more places than a straight one. */
    private static List<Place> finely(List<Place> outline) {
        List<Place> fine = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Place from = outline.get(i);
            Place to = outline.get((i + 1) % outline.size());
            double length = Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm());
            int parts = length > 1 ? 1 : (int) Math.max(1, Math.ceil(length / FINE_MM));
            for (int part = 0; part < parts; part++) {
                double t = (double) part / parts;
                fine.add(new Place(from.xMm() + (to.xMm() - from.xMm()) * t, from.yMm() + (to.yMm() - from.yMm()) * t));
            }
        }
        return fine;
    }

    /** Returns in words what is drawn, for whoever does not see it: measures, not names. */
    public String inWords() {
        return "Drawn to scale: %s, blade %.2f mm, eye %.1f mm long and %.2f mm wide, tip rounded to %.2f mm.%s"
                .formatted(
                        needle.count() == 1 ? "one needle" : needle.count() + " needles on one shank",
                        needle.size().bladeMm(),
                        needle.point().eye().lengthMm(),
                        needle.eyeWidthMm(),
                        needle.point().tipRadiusMm(),
                        switch (state) {
                            case SOUND -> "";
                            case BLUNT -> " The tip ends in a flat.";
                            case BENT -> " The blade leaves its line by %.1f mm.".formatted(asideMm(tipMm()));
                            case HOOKED -> " The tip turns over to one side.";
                        });
    }
}
