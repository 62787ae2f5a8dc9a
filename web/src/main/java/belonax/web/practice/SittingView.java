package belonax.web.practice;

import belonax.practice.Topic;
import belonax.practice.Trainer;
import belonax.room.Words;
import belonax.room.practice.PracticeBook.Sitting;
import java.util.List;
import java.util.Locale;

/**
 * How far a sitting is, and what became surer since last week.
 *
 * @param left what is left of it and how much was read, in words
 * @param changes whole sentences
 */
public record SittingView(String left, String soFar, List<String> changes) {
    private static final int MOST = 3;

    static SittingView of(Sitting sitting, List<Trainer.Change> changes) {
        long seconds = sitting.left().toSeconds();
        String left = sitting.answers() == 0
                ? "a sitting is " + Trainer.SITTING_MINUTES + " minutes"
                : seconds == 0 ? "five minutes are over" : left((seconds + 59) / 60) + " left today";
        String soFar = sitting.answers() == 0 ? "" : sitting.answers() + " read, " + sitting.right() + " of them right";
        return new SittingView(
                left,
                soFar,
                changes.stream().limit(MOST).map(SittingView::words).toList());
    }

    private static String left(long minutes) {
        return Words.count(minutes, "minute");
    }

    private static String words(Trainer.Change change) {
        return Words.capital(called(change.topic())) + ": " + percent(change.before())
                + " of 100 right before last week, " + percent(change.now()) + " now"
                + (change.isSurer() ? ", so surer." : ". It comes back sooner.");
    }

    private static String called(Topic topic) {
        return topic.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static long percent(double share) {
        return Math.round(100 * share);
    }
}
