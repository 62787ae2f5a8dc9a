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

    static DrillView of(Drill it) {
        return new DrillView(
                it.id().toString(),
                it.question(),
                it.choices(),
                it.strip().map(StripPicture::of).orElse(null),
                it.needle().map(NeedlePicture::of).orElse(null),
                it.text());
    }
}
