package belonax.web.practice;

import belonax.practice.Drill;
import belonax.practice.DrillKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A drill as it is asked.
 *
 * @param text what is to be read where it is words; empty where it is drawn
 */
record DrillView(
        String id,
        DrillKind kind,
        String question,
        List<String> choices,
        @Nullable StripPicture strip,
        @Nullable NeedlePicture needle,
        String text) {

    static DrillView of(Drill it) {
        return new DrillView(
                it.id().toString(),
                it.id().kind(),
                it.question(),
                it.choices(),
                it.strip().map(StripPicture::of).orElse(null),
                it.needle().map(NeedlePicture::of).orElse(null),
                it.text());
    }

    /** Returns who is asked: words alone can be read without seeing a drawing. */
    boolean needsEyes() {
        return kind.needsEyes();
    }
}
