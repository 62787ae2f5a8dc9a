package belonax.machine;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The classes of bobbins that home machines take, by their measures. Only the class that a machine's manual names fits it.
 * Source: docs/craft.md, "Bobbins".
 */
public enum BobbinClass {
    CLASS_15("class 15", 20.3, 6.0, 11.7, "\\b(?:CLASS\\s*)?15(?!\\s*J)\\b(?!\\.)|\\bA STYLE\\b|11[.,][57]\\s*MM"),
    CLASS_15_J("class 15 J, curved sides", 20.3, 6.0, 11.5, "\\b15\\s*J\\b"),
    CLASS_66("class 66, curved top", 20.0, 6.4, 10.5, "\\b(?:CLASS\\s*)?66\\b"),
    SLIM("slim drop-in", 20.5, 6.0, 9.2, "\\bSLIM\\b|9[.,]2\\s*MM"),
    L("L", 20.5, 6.4, 8.9, "^L$|\\bL\\s*STYLE\\b|8[.,]9\\s*MM"),
    M("M, large", 24.5, 6.4, 10.4, "\\bM\\s*STYLE\\b|^M$|\\bM, LARGE\\b|10[.,]4\\s*MM");

    private final String name;
    private final double diameterMm;
    private final double coreMm;
    private final double widthMm;
    private final Pattern called;

    BobbinClass(String name, double diameterMm, double coreMm, double widthMm, String called) {
        this.name = name;
        this.diameterMm = diameterMm;
        this.coreMm = coreMm;
        this.widthMm = widthMm;
        this.called = Pattern.compile(called);
    }

    /** Returns its name with its measures, such as “class 15, 20.3 × 11.7 mm”. */
    public String words() {
        return name + ", " + diameterMm + " × " + widthMm + " mm";
    }

    /** Returns its outer diameter in millimetres. */
    public double diameterMm() {
        return diameterMm;
    }

    /** Returns the diameter of the core that the thread is wound on, in millimetres. */
    public double coreMm() {
        return coreMm;
    }

    /** Returns its width over the sides, in millimetres. */
    public double widthMm() {
        return widthMm;
    }

    /** Finds the class that words speak of, by name or by measure. */
    public static Optional<BobbinClass> in(String words) {
        String upper = words.toUpperCase(Locale.ROOT).strip();
        return Stream.of(values())
                .filter(bobbinClass -> bobbinClass.words().equalsIgnoreCase(words.strip()))
                .findFirst()
                .or(() -> Stream.of(values())
                        .filter(bobbinClass -> bobbinClass.called.matcher(upper).find())
                        .findFirst());
    }

    /** Returns words by the name in this table where they speak of one of its classes, else as they stand. */
    public static String named(String words) {
        return in(words).map(BobbinClass::words).orElse(words);
    }
}
