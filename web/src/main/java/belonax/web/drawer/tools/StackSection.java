package belonax.web.drawer.tools;

import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.room.settings.Units;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.util.UriComponentsBuilder;

/** A stack in section, to scale: every layer as thick as it is. */
public record StackSection(
        String headline,
        String facts,
        double heightPx,
        List<LayerShown> layers,
        List<LabelShown> labels,
        double barFromPx,
        double barPx,
        String scale,
        String match) {

    private static final double TOP_PX = 20;
    private static final double MAX_PX = 260;
    private static final double MAX_PX_PER_MM = 90;
    private static final double LABEL_PX = 24;

    /** One layer. */
    public record LayerShown(String structure, double yPx, double heightPx) {}

    /** The name of a cloth beside its layers. */
    public record LabelShown(String words, double middlePx, double labelPx) {}

    static StackSection of(Stack stack, StackForm form, Units units) {
        double pxPerMm = Math.min(MAX_PX_PER_MM, MAX_PX / stack.thicknessMm());
        List<LayerShown> layers = new ArrayList<>();
        List<LabelShown> labels = new ArrayList<>();
        double y = TOP_PX;
        double label = TOP_PX;
        for (Layers otherLayers : stack.all()) {
            double each = otherLayers.cloth().thicknessMm() * pxPerMm;
            double middle = y + each * otherLayers.count() / 2;
            label = Math.max(middle, label);
            labels.add(new LabelShown(words(otherLayers, units), middle, label));
            label += LABEL_PX;
            for (int i = 0; i < otherLayers.count(); i++) {
                layers.add(new LayerShown(otherLayers.cloth().structure().name(), y, Math.max(1, each - 1)));
                y += each;
            }
        }
        boolean estimated = stack.any(cloth -> cloth.measuredMm().isEmpty());
        boolean millimetre = units == Units.METRIC;
        return new StackSection(
                units.mm(Math.round(stack.thicknessMm() * 100) / 100.0) + " thick, " + units.weight(stack.weightGsm()),
                stack.layers()
                        + (stack.layers() == 1 ? " layer" : " layers")
                        + (estimated ? "; thickness partly estimated from the weight" : ""),
                Math.max(y, label) + 16,
                layers,
                labels,
                TOP_PX,
                millimetre ? pxPerMm : pxPerMm * 25.4 / 10,
                "in section, to scale; the bar is " + (millimetre ? "1 mm" : "a tenth of an inch"),
                match(form));
    }

    private static String words(Layers layers, Units units) {
        String mark = layers.cloth().measuredMm().isPresent() ? "" : " (est.)";
        return layers.count() + " × " + layers.cloth().name() + ", "
                + units.mm(Math.round(layers.cloth().thicknessMm() * 100) / 100.0) + mark;
    }

    private static String match(StackForm form) {
        UriComponentsBuilder uri = UriComponentsBuilder.fromPath("/match");
        boolean first = true;
        for (StackForm.Row row : form.rows()) {
            if (!row.cloth().isBlank()) {
                if (first) {
                    uri.queryParam("cloth", row.cloth())
                            .queryParam("layers", row.layers().strip());
                } else {
                    uri.queryParam("also", row.cloth())
                            .queryParam("alsoLayers", row.layers().strip());
                }
                first = false;
            }
        }
        return uri.encode().toUriString();
    }
}
