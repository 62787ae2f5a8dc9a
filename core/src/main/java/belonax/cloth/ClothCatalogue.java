package belonax.cloth;

import belonax.BadInput;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The cloths that can be chosen by name, sheer to very heavy. The table is {@code cloths.txt} beside this class: one
 * cloth a line, fields parted by bars. A row that will not do stops the start with its line and the remedy.
 */
public final class ClothCatalogue {
    private static final String TABLE = "cloths.txt";
    private static final int FIELDS = 12;

    /** Ids under which a cloth was known before; what was kept with them is still found. */
    private static final Map<String, String> FORMER_IDS = Map.of("milliskin", "dance-knit");

    private final Map<String, Cloth> byId = new LinkedHashMap<>();
    private final Map<String, String> wordsToFind = new LinkedHashMap<>();

    /** Returns a catalogue of just these cloths. */
    public static ClothCatalogue of(List<Cloth> cloths) {
        ClothCatalogue catalogue = new ClothCatalogue();
        cloths.forEach(it -> catalogue.add(it, ""));
        return catalogue;
    }

    /** Returns the catalogue that ships with Belonax. */
    public static ClothCatalogue standard() {
        try (InputStream in = ClothCatalogue.class.getResourceAsStream(TABLE)) {
            if (in == null) {
                throw new IllegalStateException(TABLE + " is missing from the core. Build Belonax again.");
            }
            return read(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                    .lines()
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static ClothCatalogue read(List<String> lines) {
        ClothCatalogue catalogue = new ClothCatalogue();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            if (!line.isBlank() && !line.startsWith("#")) {
                catalogue.addRow(line, i + 1);
            }
        }
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
                Stream.of(wanted.split("\\s+")).filter(it -> !it.isEmpty()).toList();
        return byId.values().stream()
                .filter(it -> parts.stream().allMatch(part -> wordsOf(it).contains(part)))
                .sorted(Comparator.comparingLong(it -> rank(it.name(), wanted, parts)))
                .toList();
    }

    private String wordsOf(Cloth cloth) {
        return wordsToFind.getOrDefault(cloth.id(), "");
    }

    /** Lower for a name that holds more of the words, and lowest for one that begins with them. */
    private static long rank(String name, String wanted, List<String> parts) {
        String lower = name.toLowerCase(Locale.ROOT);
        return lower.startsWith(wanted)
                ? -1
                : parts.stream().filter(it -> !lower.contains(it)).count();
    }

    private void addRow(String line, int number) {
        String[] field = line.split("\\|", -1);
        try {
            if (field.length != FIELDS) {
                throw new IllegalArgumentException(field.length + " fields instead of " + FIELDS);
            }
            Cloth cloth = Cloth.described(Structure.valueOf(field[2].strip()), Double.parseDouble(field[3]))
                    .named(field[0].strip(), field[1].strip())
                    .thicknessMm(optional(field[4]))
                    .stretchPercent(optional(field[5]))
                    .density(Density.valueOf(field[6].strip()))
                    .traits(traits(field[7]))
                    .part(ClothPart.valueOf(field[8].strip()))
                    .make(Make.valueOf(field[9].strip()))
                    .note(field[10].strip())
                    .build();
            if (cloth.note().isEmpty() || byId.containsKey(cloth.id())) {
                throw new IllegalArgumentException("every cloth needs a note and an id of its own");
            }
            add(cloth, field[11].strip());
        } catch (IllegalArgumentException | BadInput e) {
            throw new IllegalStateException(TABLE + ", line " + number + ": " + e.getMessage()
                    + ". Write: id | name | structure | g/m² | mm | stretch % | density | traits | part | make | note"
                    + " | other words.");
        }
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

    private static OptionalDouble optional(String text) {
        return text.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(text));
    }

    private static Set<Trait> traits(String text) {
        return Stream.of(text.strip().split("\\s+"))
                .filter(it -> !it.isEmpty())
                .map(Trait::valueOf)
                .collect(Collectors.toSet());
    }

    private static String abridged(String id) {
        return id.length() <= 40 ? id : id.substring(0, 40) + "…";
    }
}
