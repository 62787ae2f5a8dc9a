package belonax.web.shared.api;

import org.jspecify.annotations.Nullable;

/** One entry of a stack. */
public record LayersBody(
        @Nullable FabricBody fabric, @Nullable Integer layers) {}
