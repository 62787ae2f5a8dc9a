package belonax.cloth;

import belonax.BadInput;
import belonax.rules.RuleTable;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The cloths that can be chosen by name, sheer to very heavy. The table is {@code cloths.txt} beside this class: one
 * cloth a line, fields parted by bars. A row that will not do stops the start with its line and the remedy.
 */
public final class ClothCatalogue {
    /** What cloths are called elsewhere, and the word by which they stand here. */
    private static final Map<String, String> OTHER_WORDS = new LinkedHashMap<>();

    static {
        OTHER_WORDS.put("stretch", "knit");
        OTHER_WORDS.put("elastic", "knit");
        OTHER_WORDS.put("t-shirt", "jersey");
        OTHER_WORDS.put("tee", "jersey");
        OTHER_WORDS.put("hoodie", "sweatshirt");
        OTHER_WORDS.put("tricot", "knit");
        OTHER_WORDS.put("elastane", "swim");
        OTHER_WORDS.put("thin", "sheer");
        OTHER_WORDS.put("see-through", "sheer");
        OTHER_WORDS.put("transparent", "sheer");
        OTHER_WORDS.put("thick", "heavy");
        OTHER_WORDS.put("waterproof", "coated");
        OTHER_WORDS.put("rain", "coated");
        OTHER_WORDS.put("shiny", "satin");
        OTHER_WORDS.put("fluffy", "fleece");
        OTHER_WORDS.put("teddy", "fur");
        OTHER_WORDS.put("hairy", "fur");
        OTHER_WORDS.put("jeans", "denim");
        OTHER_WORDS.put("towel", "terry");
        OTHER_WORDS.put("bath", "terry");
        OTHER_WORDS.put("pleather", "faux leather");
        OTHER_WORDS.put("fake leather", "faux leather");
        OTHER_WORDS.put("vegan", "faux leather");
        OTHER_WORDS.put("plastic", "vinyl");
        OTHER_WORDS.put("tent", "ripstop");
        OTHER_WORDS.put("net", "tulle");
        OTHER_WORDS.put("veil", "tulle");
        OTHER_WORDS.put("bed", "quilting cotton");
        OTHER_WORDS.put("patchwork", "quilting cotton");
        OTHER_WORDS.put("tablecloth", "oilcloth");
        OTHER_WORDS.put("sofa", "upholstery");
        OTHER_WORDS.put("curtain", "voile");
        OTHER_WORDS.put("coat", "coating");
        OTHER_WORDS.put("suit", "gabardine");
    }

    private static final RuleTable TABLE = new RuleTable(
            "cloths.txt",
            "id | name | structure | g/m² | mm | stretch % | density | traits | part | make | note | other words");

    /** Ids under which a cloth was known before; what was kept with them is still found. */
    private static final Map<String, String> FORMER_IDS = Map.of("milliskin", "dance-knit");

    private final Map<String, Cloth> byId = new LinkedHashMap<>();
    private final Map<String, String> wordsToFind = new LinkedHashMap<>();

    /** Returns a catalogue of just these cloths. */
    public static ClothCatalogue of(List<Cloth> cloths) {
        ClothCatalogue catalogue = new ClothCatalogue();
        cloths.forEach(cloth -> catalogue.add(cloth, ""));
        return catalogue;
    }

    /** Returns the catalogue that ships with Belonax. */
    public static ClothCatalogue standard() {
        ClothCatalogue catalogue = new ClothCatalogue();
        TABLE.read(ClothCatalogue.class, catalogue::addRow);
        return catalogue;
    }

    static ClothCatalogue read(List<String> lines) {
        ClothCatalogue catalogue = new ClothCatalogue();
        TABLE.read(lines, catalogue::addRow);
        return catalogue;
    }

    /** Returns all cloths, in the order of the table. */
    public List<Cloth> all() {
        return List.copyOf(byId.values());
    }

    /** Returns the cloth with this id, if there is one. */
    public Optional<Cloth> find(String id) {
        return Optional.ofNullable(byId.get(FORMER_IDS.getOrDefault(id, id)));
    }

    /**
     * Returns the cloth with this id.
     *
     * @throws BadInput if there is none
     */
    public Cloth get(String id) {
        return find(id).orElseThrow(() -> new BadInput(
                "id", "No cloth is called “" + abridged(id) + "”. The catalogue lists the ids that there are."));
    }

    /**
     * Returns the cloths that fit every word, those whose own name holds most of the words first. Words may be parts of a
     * name or a property: {@code stretch}, {@code coated}, {@code sheer}, {@code knit}.
     */
    public List<Cloth> search(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        List<String> parts =
                Stream.of(wanted.split("\\s+")).filter(text -> !text.isEmpty()).toList();
        return byId.values().stream()
                .filter(cloth -> parts.stream().allMatch(part -> wordsOf(cloth).contains(part)))
                .sorted(Comparator.comparingLong(cloth -> rank(cloth.name(), wanted, parts)))
                .toList();
    }

    /** Returns the word by which the catalogue knows what somebody calls otherwise, such as knit for stretchy; empty for none. */
    public Optional<String> calledHere(String words) {
        String lower = words.toLowerCase(Locale.ROOT);
        return OTHER_WORDS.entrySet().stream()
                .filter(word -> lower.contains(word.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private String wordsOf(Cloth cloth) {
        return wordsToFind.getOrDefault(cloth.id(), "");
    }

    /** Lower for a name that holds more of the words, and lowest for one that begins with them. */
    private static long rank(String name, String wanted, List<String> parts) {
        String lower = name.toLowerCase(Locale.ROOT);
        return lower.startsWith(wanted)
                ? -1
                : parts.stream().filter(part -> !lower.contains(part)).count();
    }

    private Cloth addRow(RuleTable.Row row) {
        Cloth cloth = Cloth.described(row.word(2, Structure.class), row.number(3))
                .named(row.text(0), row.text(1))
                .thicknessMm(row.optional(4))
                .stretchPercent(row.optional(5))
                .density(row.word(6, Density.class))
                .traits(row.words(7, Trait.class))
                .part(row.word(8, ClothPart.class))
                .make(row.word(9, Make.class))
                .note(row.text(10))
                .build();
        if (cloth.note().isEmpty() || byId.containsKey(cloth.id())) {
            throw new IllegalArgumentException("Every cloth needs a note and an id of its own.");
        }
        add(cloth, row.text(11));
        return cloth;
    }

    private void add(Cloth cloth, String otherWords) {
        byId.put(cloth.id(), cloth);
        String properties = cloth.traits().stream().map(Trait::words).collect(Collectors.joining(" "));
        String give = cloth.stretchPercent() >= 15 ? " stretch elastic gives" : " stable";
        wordsToFind.put(
                cloth.id(),
                String.join(
                                        " ",
                                        cloth.name(),
                                        cloth.id(),
                                        cloth.structure().words(),
                                        cloth.density().words(),
                                        properties,
                                        cloth.make() == Make.ORDINARY
                                                ? ""
                                                : cloth.make().words(),
                                        cloth.carries() ? "" : "helper",
                                        weightClass(cloth),
                                        otherWords)
                                .toLowerCase(Locale.ROOT)
                        + give);
    }

    private static String weightClass(Cloth cloth) {
        return WeightClass.of(cloth.weightGsm()).words();
    }

    private static String abridged(String id) {
        return id.length() <= 40 ? id : id.substring(0, 40) + "…";
    }
}
