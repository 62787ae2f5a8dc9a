package belonax.machine;

import java.util.Locale;
import java.util.Optional;

/**
 * A bobbin held against what the machine's manual names. Source: docs/craft.md, "Bobbins".
 *
 * @param fits whether class and material are the ones that are named
 * @param words what follows, a whole sentence
 */
public record BobbinFit(boolean fits, String words) {
    /** Compares; empty where the class of one of them is not known. */
    public static Optional<BobbinFit> of(
            Machine machine,
            Optional<BobbinClass> named,
            Optional<BobbinMaterial> namedMaterial,
            Optional<BobbinClass> bobbin,
            Optional<BobbinMaterial> material) {
        if (machine.bobbin() == BobbinKind.NONE) {
            return Optional.of(new BobbinFit(false, machine.name() + " sews with loopers and takes no bobbin."));
        }
        if (named.isEmpty() || bobbin.isEmpty()) {
            return Optional.empty();
        }
        if (named.get() != bobbin.get()) {
            return Optional.of(new BobbinFit(
                    false,
                    String.format(
                            Locale.ROOT,
                            "Not for %s: it takes %s, and this one is %s. A near fit makes nests, sticks and frees as it turns, or"
                                    + " harms the hook.",
                            machine.name(),
                            named.get().words(),
                            bobbin.get().words())));
        }
        boolean other = namedMaterial.isPresent() && material.isPresent() && !namedMaterial.equals(material);
        return Optional.of(
                other
                        ? new BobbinFit(
                                false,
                                machine.name() + "'s manual names "
                                        + namedMaterial.get().words() + " bobbins, and this one is "
                                        + material.get().words()
                                        + ": it turns more heavily or more lightly, and a magnet or a sensor may miss it.")
                        : new BobbinFit(true, "It is the class that " + machine.name() + "'s manual names."));
    }
}
