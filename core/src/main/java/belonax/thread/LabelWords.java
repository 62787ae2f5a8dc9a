package belonax.thread;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What a label says in words: what the thread is made of, how it is made, and what it is for. */
final class LabelWords {
    private static final Map<Fibre, Pattern> FIBRES = fibres();
    private static final Map<Build, Pattern> BUILDS = builds();
    private static final Pattern EMBROIDERY = Pattern.compile("EMBROID|STICK(?:GARN|EREI)|RAYON|VIS[CK]OSE|BRODER");
    private static final Pattern NO_MONOFILAMENT =
            Pattern.compile("ELASTI|SHIRR|RUBBER|GUMMI|WAX|CORD(?![A-Z])|BRAID|FLAT|SPUN|COTTON|SILK|WOOL");
    private static final Pattern ELASTIC = Pattern.compile("ELASTI(?:C|K)|SHIRR|RUBBER|GUMMI");

    private final String text;

    /** @param text in capitals */
    LabelWords(String text) {
        this.text = text;
    }

    Optional<Fibre> fibre() {
        return first(FIBRES);
    }

    /** Embroidery thread of rayon or polyester is filament, where the label says nothing else. */
    Optional<Build> build() {
        Optional<Build> said = first(BUILDS);
        boolean smooth = isForEmbroidery() && !isCotton();
        return said.isPresent() || !smooth ? said : Optional.of(Build.FILAMENT);
    }

    boolean isCotton() {
        return fibre().equals(Optional.of(Fibre.COTTON));
    }

    boolean isSilk() {
        return fibre().equals(Optional.of(Fibre.SILK));
    }

    boolean isBonded() {
        return build().equals(Optional.of(Build.BONDED)) || text.contains("UPHOLSTERY");
    }

    boolean isForEmbroidery() {
        return EMBROIDERY.matcher(text).find();
    }

    /** Rubber wound with yarn: its width says nothing about a thickness. */
    boolean isElastic() {
        return ELASTIC.matcher(text).find();
    }

    boolean saysMonofilament() {
        return build().equals(Optional.of(Build.MONOFILAMENT));
    }

    /** Tells whether millimetres on it may be a monofilament's diameter: those of a cord or an elastic are not. */
    boolean mayBeMonofilament() {
        return !NO_MONOFILAMENT.matcher(text).find();
    }

    private <T> Optional<T> first(Map<T, Pattern> words) {
        return words.entrySet().stream()
                .filter(word -> word.getValue().matcher(text).find())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static Map<Fibre, Pattern> fibres() {
        Map<Fibre, Pattern> fibres = new LinkedHashMap<>();
        fibres.put(Fibre.METALLIC, Pattern.compile("METALLIC|METALLISED|METALLIZED|GLITTER"));
        fibres.put(Fibre.RAYON, Pattern.compile("RAYON|VIS[CK]OSE"));
        fibres.put(Fibre.POLYESTER, Pattern.compile("POLYESTER|(?<![A-Z])(?:POLY|PES)(?![A-Z])"));
        fibres.put(Fibre.COTTON, Pattern.compile("COTTON|COTON|BAUMWOLL"));
        fibres.put(Fibre.SILK, Pattern.compile("SILK|SEIDE(?![A-Z])"));
        fibres.put(Fibre.NYLON, Pattern.compile("NYLON|POLYAMIDE?"));
        return fibres;
    }

    private static Map<Build, Pattern> builds() {
        Map<Build, Pattern> builds = new LinkedHashMap<>();
        builds.put(Build.METALLIC, Pattern.compile("METALLIC|METALLISED|METALLIZED"));
        builds.put(Build.WAXED, Pattern.compile("WAX|GLAC[EÉ]|GLAZED"));
        builds.put(Build.BONDED, Pattern.compile("BONDED"));
        builds.put(Build.CORESPUN, Pattern.compile("CORE[ -]?SPUN|POLY[ -]?COTTON"));
        builds.put(Build.TEXTURED, Pattern.compile("TEXTUR|WOOLL?Y|BULKED|BAUSCH"));
        builds.put(Build.MONOFILAMENT, Pattern.compile("MONOFIL|INVISIBLE|TRANSPARENT|(?<![A-Z])CLEAR(?![A-Z])"));
        builds.put(Build.FILAMENT, Pattern.compile("(?<!MONO)FILAMENT|TRILOBAL"));
        builds.put(Build.SPUN, Pattern.compile("SPUN"));
        return builds;
    }
}
