package belonax.needle;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Which system is this loose needle? Told by the shank and the length from butt to eye, as far as a home measurement can
 * tell. Source: docs/craft.md, "A loose needle".
 */
public final class LooseNeedle {
    /** How far a home measurement of the shank strays, one standard deviation. */
    private static final double SHANK_SD_MM = 0.12;
    /** How far a home measurement of the length strays, one standard deviation. */
    private static final double LENGTH_SD_MM = 0.5;
    /** A length beyond so many deviations is some other needle's. */
    private static final double TOO_FAR = 3.3;
    /** No calliper strays so far, in millimetres: a thin round shank of 1.6 is never one of 2.0. */
    private static final double OTHER_SHANK_MM = 0.21;
    /** A system whose length is not known here counts as spread over this much. */
    private static final double UNKNOWN_LENGTH_DENSITY = 0.04;

    private static final double NAMED_FROM = 0.01;

    /**
     * A system that the needle may be of.
     *
     * @param likelihood 0 to 1; those of one answer add up to 1
     */
    public record Candidate(NeedleSystem system, double likelihood) {}

    /**
     * The answer.
     *
     * @param candidates the likeliest first; empty when no system that we know measures so
     * @param advice what to do next, whole sentences
     */
    public record Answer(List<Candidate> candidates, String advice) {
        public Answer {
            candidates = List.copyOf(candidates);
        }
    }

    private LooseNeedle() {}

    /**
     * Identifies a needle.
     *
     * @param shankMm thickness of the shank across its round, 0.5 to 5 mm
     * @param buttToEyeMm from the butt to the top of the eye, 10 to 80 mm
     * @throws BadInput if a measure is out of range
     */
    public static Answer identify(Shank shank, double shankMm, double buttToEyeMm) {
        BadInput.unless(
                shankMm >= 0.5 && shankMm <= 5,
                "shankMm",
                () -> "A shank is 1.6 to 2.1 mm thick. Measure its round side, not the flat.");
        BadInput.unless(
                buttToEyeMm >= 10 && buttToEyeMm <= 80,
                "buttToEyeMm",
                () -> "From the butt, the thick blunt end, to the top of the eye a needle measures 28 to 40 mm.");
        List<Candidate> weighed = new ArrayList<>();
        for (NeedleSystem system : NeedleSystem.values()) {
            double weight = system.shank() == shank ? usual(system) * fit(system, shankMm, buttToEyeMm) : 0;
            if (weight > 0) {
                weighed.add(new Candidate(system, weight));
            }
        }
        double sum = weighed.stream().mapToDouble(Candidate::likelihood).sum();
        List<Candidate> named = weighed.stream()
                .map(candidate -> new Candidate(candidate.system(), candidate.likelihood() / sum))
                .filter(candidate -> candidate.likelihood() >= NAMED_FROM)
                .sorted(Comparator.comparingDouble(Candidate::likelihood).reversed())
                .toList();
        double kept = named.stream().mapToDouble(Candidate::likelihood).sum();
        List<Candidate> candidates = named.stream()
                .map(candidate -> new Candidate(candidate.system(), candidate.likelihood() / kept))
                .toList();
        return new Answer(candidates, LooseNeedleAdvice.of(candidates));
    }

    private static double fit(NeedleSystem system, double shankMm, double buttToEyeMm) {
        double shank = (shankMm - system.shankMm()) / SHANK_SD_MM;
        if (Math.abs(shankMm - system.shankMm()) > OTHER_SHANK_MM) {
            return 0;
        }
        if (system.buttToEyeMm().isEmpty()) {
            // Known only to be shorter than 130/705 H.
            return buttToEyeMm >= 28 && buttToEyeMm <= 37.5 ? bell(shank) * UNKNOWN_LENGTH_DENSITY : 0;
        }
        double length = (buttToEyeMm - system.buttToEyeMm().getAsDouble()) / LENGTH_SD_MM;
        return Math.abs(length) > TOO_FAR ? 0 : bell(shank) * bell(length) / LENGTH_SD_MM;
    }

    private static double bell(double deviations) {
        return Math.exp(-deviations * deviations / 2) / Math.sqrt(2 * Math.PI);
    }

    /** How often a needle found at home is of this system; no count is known, so only the order matters. */
    private static double usual(NeedleSystem system) {
        return switch (system) {
            case H_130_705 -> 0.80;
            case HAX1SP -> 0.07;
            case ELX705 -> 0.05;
            case R_130 -> 0.03;
            case S_206X13 -> 0.01;
            case WH_287, R_134, B_27 -> 0.02;
            case S_135X17 -> 0.015;
        };
    }

    /** Puts the candidates into words. */
    private static final class LooseNeedleAdvice {
        private static final String MANUAL =
                "Before it goes in, check the machine's manual, its label or the printing on its front.";

        static String of(List<Candidate> candidates) {
            if (candidates.isEmpty()) {
                return "No system that we know measures so. Measure once more; if it stays, do not fit it. " + MANUAL;
            }
            List<NeedleSystem> systems =
                    candidates.stream().map(Candidate::system).toList();
            String names = systems.stream().map(NeedleSystem::label).collect(Collectors.joining(" or "));
            return names + ". " + toldApart(systems) + MANUAL;
        }

        private static String toldApart(List<NeedleSystem> systems) {
            StringBuilder words = new StringBuilder();
            if (systems.contains(NeedleSystem.R_130) && systems.contains(NeedleSystem.S_135X17)) {
                words.append(
                        "A ruler cannot part 130 R from 135x17: their lengths differ by a tenth of a millimetre. Lay it"
                                + " beside a needle that came with the machine; 135x17 comes out of a walking-foot machine and is"
                                + " seldom thinner than 90. ");
            }
            if (systems.contains(NeedleSystem.H_130_705) && systems.contains(NeedleSystem.HAX1SP)) {
                words.append(
                        "HAx1SP measures the same as 130/705 H: its eye is larger and sits higher, and it comes out of an"
                                + " overlocker. ");
            }
            if (systems.contains(NeedleSystem.ELX705)) {
                words.append(
                        "130/705 H measures 38.5 mm to the eye, ELx705 about 39.1, and a ruler hardly parts them: ELx705 has a"
                                + " second groove on its back. Never put it where it is not listed. ");
            }
            if (systems.contains(NeedleSystem.S_206X13)) {
                words.append("We do not know the length of 206x13, only that it is shorter than 130/705 H. ");
            }
            if (systems.stream().noneMatch(NeedleSystem::isDomestic)) {
                words.append("That is an industrial needle: not for a home machine unless its own list names it. ");
            }
            return words.toString();
        }
    }
}
