package belonax.life;

import belonax.Shown;
import belonax.needle.NeedleInUse;
import java.util.Locale;

/**
 * When a needle is changed. Every school changes it after a strike or a bend. Source: docs/craft.md, "When to change".
 */
public enum RetirementSchool {
    /** Retire at 8 effective hours, or at a big project's start when over half used; once the log has learnt, by its hours. */
    WORKED_OUT("by worked-out wear", "counts what each cloth costs the point; our default") {
        @Override
        Retirement judge(NeedleLife life) {
            double limit = life.learntHours().orElse(NeedleInUse.WORN_HOURS);
            String whose = life.learntHours().isPresent()
                    ? String.format(Locale.ROOT, "One in five such needles failed here by %.1f hours", limit)
                    : "Worked-out wear retires a needle at " + Shown.number(NeedleInUse.WORN_HOURS) + " hours";
            return byHours(life, life.effectiveHours(), limit, whose);
        }
    },
    HOURS_8("after 8 hours on the clock", "an hour is an hour; others say 6 to 8, or 8 to 10") {
        @Override
        Retirement judge(NeedleLife life) {
            return byHours(life, life.clockHours(), CLOCK_HOURS, "This school retires a needle " + words());
        }
    },
    EACH_PROJECT("at every project", "a new needle for every new thing") {
        @Override
        Retirement judge(NeedleLife life) {
            return byProjects(life.projects(), 1, "project");
        }
    },
    BIG_PROJECTS("at every big project", "the small ones in between do not count") {
        @Override
        Retirement judge(NeedleLife life) {
            return byProjects(life.bigProjects(), 1, "big project");
        }
    },
    FOURTH_PROJECT("every fourth small project", "three or four small things to a needle") {
        @Override
        Retirement judge(NeedleLife life) {
            return byProjects(life.projects(), 4, "project");
        }
    },
    ON_SIGNS("only on signs", "until it is heard, felt or seen in the seam") {
        @Override
        Retirement judge(NeedleLife life) {
            return new Retirement(Retirement.When.LATER, "No sign of it yet: this school lets it sew on.", 0);
        }
    };

    /** What the school that goes by the clock says. */
    private static final double CLOCK_HOURS = 8;

    /** Effective hours up to which a needle hardly sewed. */
    private static final double FRESH_HOURS = 1;

    private static final double SOON_FROM = 0.85;
    private static final double HALF = 0.5;

    private final String words;
    private final String why;

    RetirementSchool(String words, String why) {
        this.words = words;
        this.why = why;
    }

    public String words() {
        return words;
    }

    /** Returns what its followers say. */
    public String why() {
        return why;
    }

    /** Judges a needle: strikes and clear signs first, whatever the school, then the school's own rule. */
    public Retirement advise(NeedleLife life) {
        if (life.struck()) {
            return new Retirement(
                    Retirement.When.NOW,
                    "It struck something or was bent: change it now, it may break at the next thick place.",
                    1);
        }
        return life.signs().stream()
                .findFirst()
                .filter(Sign::isOfTheNeedle)
                .map(sign -> bySign(life, sign))
                .orElseGet(() -> judge(life));
    }

    /**
     * A sign on a needle that hardly sewed is seldom wear. On one that has sewn, most signs are enough; a stitch that only grew
     * louder is, once half of the needle's life is used.
     */
    private Retirement bySign(NeedleLife life, Sign sign) {
        Retirement own = judge(life);
        if (life.effectiveHours() < FRESH_HOURS) {
            return new Retirement(
                    Retirement.When.FIND_OUT,
                    String.format(
                            Locale.ROOT,
                            "%s on a needle of %.1f hours is seldom its wear: %s.",
                            sign.words().substring(0, 1).toUpperCase(Locale.ROOT)
                                    + sign.words().substring(1),
                            life.effectiveHours(),
                            sign.whenFresh()),
                    own.used());
        }
        if (sign.actsAtOnce() || life.effectiveHours() > HALF * NeedleInUse.WORN_HOURS) {
            return new Retirement(Retirement.When.NOW, sign.meaning() + " Change it now.", 1);
        }
        return own.when() == Retirement.When.NOW
                ? own
                : new Retirement(Retirement.When.SOON, sign.meaning() + " Listen again; change it soon.", own.used());
    }

    abstract Retirement judge(NeedleLife life);

    private static Retirement byHours(NeedleLife life, double hours, double limit, String whose) {
        double share = hours / limit;
        if (share >= 1) {
            return new Retirement(
                    Retirement.When.NOW, String.format(Locale.ROOT, "%s; it has %.1f.", whose, hours), share);
        }
        if (life.atBigStart() && share > HALF) {
            return new Retirement(
                    Retirement.When.NOW,
                    "More than half used at a big project's start: begin it with a new one.",
                    share);
        }
        String left = String.format(Locale.ROOT, "%s; it has %.1f, about %.1f left.", whose, hours, limit - hours);
        return new Retirement(share >= SOON_FROM ? Retirement.When.SOON : Retirement.When.LATER, left, share);
    }

    private static Retirement byProjects(int begun, int most, String what) {
        double share = (double) begun / (most + 1);
        if (begun > most) {
            return new Retirement(
                    Retirement.When.NOW,
                    "This school gives a new needle to every " + (most == 1 ? "" : "fourth ") + what + ".",
                    1);
        }
        return new Retirement(
                Retirement.When.LATER, "It stays until the next " + what + " that asks for a new one.", share);
    }
}
