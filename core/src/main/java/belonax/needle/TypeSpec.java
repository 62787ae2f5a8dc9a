package belonax.needle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** What a kind of needle is, told part by part; what is not told is ordinary. */
final class TypeSpec {
    final String words;
    final String suffix;
    final Work work;
    Tip tip = Tip.ROUNDED;
    double tipRadiusMm = 0.09;
    Eye eye = Eye.STANDARD;
    Blade blade = Blade.ORDINARY;
    Scarf scarf = Scarf.ORDINARY;
    int count = 1;
    boolean rare;
    List<NeedleSize> sizes = List.of();
    List<String> names = List.of();
    List<String> letters = List.of();
    final Map<String, String> abbreviations = new LinkedHashMap<>();
    String goodFor = "";
    String notFor = "";
    String look = "";

    private TypeSpec(String words, String suffix, Work work) {
        this.words = words;
        this.suffix = suffix;
        this.work = work;
    }

    /**
     * Starts a kind of needle.
     *
     * @param suffix the letters that follow 130/705 on a packet
     */
    static TypeSpec kind(String words, String suffix, Work work) {
        return new TypeSpec(words, suffix, work);
    }

    /** @param radiusMm the radius of the tip as drawn, in millimetres; 0 for a cutting wedge */
    TypeSpec tip(Tip value, double radiusMm) {
        tip = value;
        tipRadiusMm = radiusMm;
        return this;
    }

    TypeSpec eye(Eye value) {
        eye = value;
        return this;
    }

    TypeSpec blade(Blade value) {
        blade = value;
        return this;
    }

    TypeSpec scarf(Scarf value) {
        scarf = value;
        return this;
    }

    /** Several needles stand on one shank; their sizes depend on the spacing ({@link NeedleRange}). */
    TypeSpec onOneShank(int needles) {
        count = needles;
        return this;
    }

    /** Seldom met in a shop. */
    TypeSpec rare() {
        rare = true;
        return this;
    }

    /** The sizes made for 130/705 machines, thinnest first. */
    TypeSpec madeIn(int... nms) {
        sizes = IntStream.of(nms).mapToObj(NeedleSize::ofNm).toList();
        return this;
    }

    /** Names on packets that the word “needle” may follow, as regular expressions in capitals. */
    TypeSpec called(String... patterns) {
        names = List.of(patterns);
        return this;
    }

    /** Letters on packets that stand by themselves, as regular expressions in capitals. */
    TypeSpec lettered(String... patterns) {
        letters = List.of(patterns);
        return this;
    }

    /** Letters that are not a standard's, with the note that says what they mean. */
    TypeSpec abbreviated(String pattern, String note) {
        abbreviations.put(pattern, note);
        return this;
    }

    TypeSpec goodFor(String text) {
        goodFor = text;
        return this;
    }

    TypeSpec notFor(String text) {
        notFor = text;
        return this;
    }

    /** The sentence that tells it from the others by its drawing. */
    TypeSpec looks(String sentence) {
        look = sentence;
        return this;
    }
}
