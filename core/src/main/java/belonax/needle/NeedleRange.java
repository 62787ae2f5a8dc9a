package belonax.needle;

import static belonax.needle.NeedleType.EMBROIDERY;
import static belonax.needle.NeedleType.JEANS;
import static belonax.needle.NeedleType.JERSEY;
import static belonax.needle.NeedleType.METALLIC;
import static belonax.needle.NeedleType.STRETCH;
import static belonax.needle.NeedleType.TRIPLE;
import static belonax.needle.NeedleType.TWIN;
import static belonax.needle.NeedleType.UNIVERSAL;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The needles that are made, by system. A needle that is not in the range is never recommended, though an owner may hold
 * one. Source: docs/craft.md, "Sizes that are made"; where that is silent for a rare system, the middle sizes in which
 * such needles are usually found.
 */
public final class NeedleRange {
    private final Map<NeedleSystem, List<Needle>> made = new EnumMap<>(NeedleSystem.class);

    /** Returns the range of the trade. */
    public static NeedleRange standard() {
        return new NeedleRange();
    }

    private NeedleRange() {
        NeedleType.ALL.forEach(type ->
                type.sizes().forEach(size -> put(Needle.of(NeedleSystem.H_130_705, type, size))));
        addTwins();
        add(NeedleSystem.HAX1SP, STRETCH, 75, 90);
        add(NeedleSystem.ELX705, UNIVERSAL, 80, 90);
        add(NeedleSystem.ELX705, JERSEY, 80, 90);
        add(NeedleSystem.R_130, UNIVERSAL, 70, 80, 90, 100);
        add(NeedleSystem.S_206X13, UNIVERSAL, 70, 80, 90, 100);
        add(NeedleSystem.WH_287, UNIVERSAL, 70, 80, 90, 100, 110);
        add(NeedleSystem.R_134, UNIVERSAL, 70, 80, 90, 100, 110, 120);
        add(NeedleSystem.S_135X17, UNIVERSAL, 80, 90, 100, 110, 120);
        add(NeedleSystem.B_27, UNIVERSAL, 70, 80, 90, 100);
    }

    /** Returns every needle made in this system. */
    public List<Needle> of(NeedleSystem system) {
        return List.copyOf(made.getOrDefault(system, List.of()));
    }

    /** Tells whether this very needle is made. */
    public boolean makes(Needle needle) {
        return made.getOrDefault(needle.system(), List.of()).contains(needle);
    }

    /** Returns the sizes in which a type is made for 130/705 machines, thinnest first. */
    public List<NeedleSize> sizesOf(NeedleType type) {
        return sizesOf(NeedleSystem.H_130_705, type);
    }

    /** Returns the sizes in which a type is made in a system, thinnest first. */
    List<NeedleSize> sizesOf(NeedleSystem system, NeedleType type) {
        return of(system).stream()
                .filter(needle -> needle.type() == type)
                .map(Needle::size)
                .distinct()
                .sorted()
                .toList();
    }

    /** Returns the spacings in millimetres in which a type with several points is made for any of these systems, narrowest first. */
    public List<Double> spacingsMm(List<NeedleSystem> systems, NeedleType type) {
        return systems.stream()
                .flatMap(system -> of(system).stream())
                .filter(needle -> needle.type() == type)
                .map(Needle::spacingMm)
                .distinct()
                .sorted()
                .toList();
    }

    private void addTwins() {
        addMultiple(TWIN, UNIVERSAL, 1.6, 70);
        addMultiple(TWIN, UNIVERSAL, 2.0, 80);
        addMultiple(TWIN, UNIVERSAL, 2.5, 75, 80);
        addMultiple(TWIN, UNIVERSAL, 3.0, 90);
        addMultiple(TWIN, UNIVERSAL, 4.0, 75, 80, 90, 100);
        addMultiple(TWIN, UNIVERSAL, 6.0, 100);
        addMultiple(TWIN, STRETCH, 2.5, 75);
        addMultiple(TWIN, STRETCH, 4.0, 75, 90);
        addMultiple(TWIN, JEANS, 4.0, 100);
        addMultiple(TWIN, METALLIC, 2.5, 80);
        addMultiple(TWIN, METALLIC, 3.0, 90);
        addMultiple(TWIN, EMBROIDERY, 2.5, 75);
        addMultiple(TWIN, EMBROIDERY, 4.0, 75);
        addMultiple(TRIPLE, UNIVERSAL, 2.5, 80);
        addMultiple(TRIPLE, UNIVERSAL, 3.0, 80, 90);
    }

    private void add(NeedleSystem system, NeedleType type, int... nms) {
        for (int nm : nms) {
            put(Needle.of(system, type, NeedleSize.ofNm(nm)));
        }
    }

    private void addMultiple(NeedleType type, NeedleType point, double spacingMm, int... nms) {
        for (int nm : nms) {
            put(new Needle(NeedleSystem.H_130_705, type, NeedleSize.ofNm(nm), Optional.of(new Twin(spacingMm, point))));
        }
    }

    private void put(Needle needle) {
        made.computeIfAbsent(needle.system(), system -> new ArrayList<>()).add(needle);
    }
}
