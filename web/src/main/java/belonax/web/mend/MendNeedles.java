package belonax.web.mend;

import belonax.BadInput;
import belonax.fault.Check;
import belonax.fault.OnRecord;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.needle.Needle;
import belonax.room.Choice;
import belonax.room.needle.MachineNow;
import belonax.room.needle.MachineNow.Fitted;
import belonax.room.needle.MachineNow.Place;
import belonax.room.supply.NeedleSource;
import belonax.room.supply.NeedleSupply;
import belonax.room.trouble.MendCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Which needle is in after a check that takes one out, told by one list: the likeliest stands chosen. */
@Component
class MendNeedles {
    /** The old needle is back in. */
    static final String OLD = "old";

    private static final String SAME = "same";
    private static final String BEST = "best";

    private final MendQuestion question;
    private final NeedleMatcher matcher;
    private final NeedleSupply supply;

    MendNeedles(MendQuestion question, NeedleMatcher matcher, NeedleSupply supply) {
        this.question = question;
        this.matcher = matcher;
        this.supply = supply;
    }

    /**
     * The list.
     *
     * @param where the place it is about, named where the machine has several; else empty
     * @param needle the needle that was seen in the machine; empty when none was known
     */
    public record Form(String where, String needle, List<Choice> in, String chosen) {}

    Form form(MendCase mendCase, Check check, MachineNow now) {
        Place place = now.placeAskedAbout();
        NeedleSupply.Choices owned = supply.choices(now, place.number());
        Optional<Needle> same = same(place);
        Optional<Needle> best = best(mendCase, now).filter(found -> !same.equals(Optional.of(found)));
        List<Choice> in = new ArrayList<>();
        best.ifPresent(needle -> in.add(new Choice(BEST, "a " + needle.words() + ", which Match puts first here")));
        same.ifPresent(needle -> in.add(new Choice(SAME, "another new " + needle.words())));
        owned.packets().forEach(packet -> in.add(new Choice(packet.value(), "new: " + packet.words())));
        owned.parked().forEach(parked -> in.add(new Choice(parked.value(), "parked: " + parked.words())));
        in.add(new Choice(OLD, "the same one as before is in"));
        boolean another = check.onRecord() != OnRecord.NEEDLE_FAILED || same.isEmpty();
        Optional<Needle> wanted = another ? best.or(() -> same) : same;
        String chosen = wanted.map(owned.packetOf()::get)
                .or(() -> wanted.map(needle -> needle.equals(same.orElse(null)) ? SAME : BEST))
                .orElse(OLD);
        return new Form(
                now.places().size() > 1 ? place.name() : "",
                place.fitted().map(Fitted::needleId).map(String::valueOf).orElse(""),
                in,
                chosen);
    }

    /**
     * Returns where the needle that a word of the list stands for comes from; empty when the old one is in.
     *
     * @throws BadInput if it stands for none
     */
    Optional<NeedleSource> source(String in, MendCase mendCase, MachineNow now) {
        if (in.isEmpty() || in.equals(OLD)) {
            return Optional.empty();
        }
        Optional<NeedleSource> named = switch (in) {
            case SAME -> same(now.placeAskedAbout()).map(MendNeedles::bought);
            case BEST -> best(mendCase, now).map(MendNeedles::bought);
            default -> NeedleSource.ofWord(in);
        };
        BadInput.unless(
                named.isPresent(), "from", () -> "Say which needle went in: choose one of yours, or type its packet.");
        return named;
    }

    private static NeedleSource bought(Needle needle) {
        return new NeedleSource.Other(needle, false);
    }

    private static Optional<Needle> same(Place place) {
        return place.fitted().map(fitted -> fitted.needle().needle());
    }

    private Optional<Needle> best(MendCase mendCase, MachineNow now) {
        return question.job(mendCase, now)
                .map(job -> matcher.match(MatchRequest.of(job)).best().needle());
    }
}
