package belonax.web.practice;

import belonax.practice.Drill;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A drill as it is asked.
 *
 * @param text what is to be read where it is words; empty where it is drawn
 */
public record DrillView(
        String id,
        String question,
        List<String> choices,
        @Nullable StripPicture strip,
        @Nullable NeedlePicture needle,
        String text) {

    static DrillView of(Drill drill) {
        return new DrillView(
                drill.id().toString(),
                drill.question(),
                drill.choices(),
                drill.strip().map(StripPicture::of).orElse(null),
                drill.needle().map(NeedlePicture::of).orElse(null),
                drill.text());
    }
}
