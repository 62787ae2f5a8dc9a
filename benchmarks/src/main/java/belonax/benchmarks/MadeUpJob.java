package belonax.benchmarks;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.machine.BobbinClass;
import belonax.match.MatchRequest;
import belonax.plan.BobbinRoom;
import belonax.plan.Station;
import belonax.plan.Step;
import belonax.plan.StepStitch;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A job as instructions tell it: two to four cloths, two to five colours, seams before hems before what is sewn on top, each
 * step waiting for one or two earlier ones of its part.
 */
record MadeUpJob(List<Step> steps, List<Station> stations) {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final List<String> CLOTH = List.of(
            "poplin",
            "voile",
            "quilting-cotton",
            "denim-mid",
            "canvas",
            "velvet",
            "swim-knit",
            "single-jersey",
            "lining-viscose");
    private static final List<Purpose> PURPOSES = List.of(
            Purpose.SEAM,
            Purpose.SEAM,
            Purpose.SEAM,
            Purpose.HEM,
            Purpose.TOPSTITCH,
            Purpose.ZIP,
            Purpose.GATHER,
            Purpose.ELASTIC,
            Purpose.BUTTONHOLE);

    static MadeUpJob of(SplittableRandom chance, int count) {
        List<Stack> stacks = new ArrayList<>();
        for (int i = 0; i < 2 + chance.nextInt(3); i++) {
            String cloth = CLOTH.get(chance.nextInt(CLOTH.size()));
            stacks.add(Stack.of(CLOTHS.get(cloth), 1 + chance.nextInt(3)));
        }
        int colours = 2 + chance.nextInt(4);
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            SewingThread thread = SewingThread.spunPolyester(25);
            Job job = Job.sewing(stacks.get(chance.nextInt(stacks.size())), thread)
                    .purpose(PURPOSES.get(chance.nextInt(PURPOSES.size())))
                    .build();
            Set<String> after = new HashSet<>();
            if (i > 0 && chance.nextInt(2) == 0) {
                after.add("s" + chance.nextInt(i));
            }
            steps.add(new Step(
                    "s" + i,
                    "step " + i,
                    MatchRequest.of(job),
                    StepStitch.advised(job),
                    "colour " + chance.nextInt(colours),
                    chance.nextDouble(0.3, 12),
                    1 + chance.nextInt(2),
                    after,
                    "machine",
                    OptionalDouble.empty()));
        }
        return new MadeUpJob(steps, List.of(Station.unknown("machine", 320, BobbinRoom.of(BobbinClass.SLIM))));
    }
}
