package belonax.cloth;

import belonax.BadInput;

/** One cloth of a stack with how often it lies there, 1 to 32 times. */
public record Layers(Cloth cloth, int count) {
    public Layers {
        BadInput.unless(
                count >= 1 && count <= 32,
                "layers",
                () -> "Count the layers under the foot: 1 to 32. A plain hem across a plain seam has 6.");
    }
}
