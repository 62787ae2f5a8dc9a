package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.life.Wear;
import belonax.match.StitchAdvice;
import belonax.plan.ThreadUse;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Spool;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.room.event.TableWork.Described;
import belonax.room.event.TableWork.Laid;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** Lays a sentence on the table, and says again what lies there, in the sewist's units. */
final class Laying {
    private static final double MIN_STACK_MM = 0.05;

    private Laying() {}

    /**
     * Returns a sentence as it lies on the table.
     *
     * @throws belonax.BadInput naming the part of it that will not do
     */
    static TableWork of(Sentence sentence, Stock stock) {
        Stack stack = sentence.sewn(stock);
        SewingThread thread = sentence.thread().get(stock);
        // Reads, and refuses, what only a job tells.
        JobBuilder job =
                Job.sewing(stack, thread).crossingLayers(sentence.stack().crossingLayers(stack));
        sentence.work().tell(job, stock.units());
        sentence.work().wish();
        Optional<SewingThread> bobbin = sentence.thread().inTheBobbin(stock);
        Purpose purpose = sentence.work().purposeRead();
        Double width = sentence.work().widthMm(stock.units());
        Job told = job.build();
        SetupKept setup = new SetupKept(
                stack.all().get(0).cloth().id(),
                stack.words(),
                stack.layers(),
                Math.max(MIN_STACK_MM, stack.heightMm()),
                StitchAdvice.wishedFor(told).widthMm(),
                ThreadKept.of(thread),
                bobbin.map(ThreadKept::of).orElse(null));
        return new TableWork(
                laid(sentence, stack),
                sentence.stack().crossing().strip(),
                sentence.stack().stitchingLayers().orElse(0),
                top(sentence, thread, stock),
                bobbin.isPresent()
                        ? DrawerStore.uuid(sentence.thread().bobbin()).orElse(null)
                        : null,
                purpose,
                width,
                sentence.work().offCentreMm(stock.units()),
                sentence.work().twinWished(),
                setup,
                Wear.of(stack, thread, purpose),
                ThreadUse.of(told));
    }

    private static List<Laid> laid(Sentence sentence, Stack stack) {
        List<Laid> all = new ArrayList<>();
        for (Layers layers : stack.all()) {
            boolean isDescribed = all.isEmpty() && sentence.cloth().isDescribed();
            all.add(new Laid(layers.cloth().id(), isDescribed ? Described.of(layers.cloth()) : null, layers.count()));
        }
        return all;
    }

    private static TableWork.Top top(Sentence sentence, SewingThread thread, Stock stock) {
        Optional<Spool> spool = stock.findSpool(sentence.thread().spool());
        return TableWork.Top.of(
                spool.isPresent() ? DrawerStore.uuid(sentence.thread().spool()).orElse(null) : null,
                spool.map(Spool::colour).orElse(""),
                thread);
    }

    /** Returns what lies on the table as it would be typed. */
    static MultiValueMap<String, String> said(TableWork work, Units units) {
        MultiValueMap<String, String> said = new LinkedMultiValueMap<>();
        Laid first = work.stack().get(0);
        said.add("cloth", first.cloth());
        if (first.described() != null) {
            describe(said, first.described(), units);
        }
        said.add("layers", String.valueOf(first.layers()));
        for (Laid laid : work.stack().subList(1, work.stack().size())) {
            said.add("also", laid.cloth());
            said.add("alsoLayers", String.valueOf(laid.layers()));
        }
        said.add("crossing", work.crossing());
        said.add("stitching", work.stitching() == 0 ? "" : String.valueOf(work.stitching()));
        SewingThread thread = work.top().thread().thread();
        said.add("spool", work.top().spool() == null ? "" : work.top().spool().toString());
        said.add("number", thread.tex().shown());
        said.add("fibre", thread.fibre().name());
        said.add("build", thread.build().name());
        said.add("strands", String.valueOf(work.top().strands()));
        said.add("bobbin", work.bobbin() == null ? "" : work.bobbin().toString());
        ThreadKept below = work.setup().bobbin();
        said.add(
                "bobbinTex",
                work.bobbin() != null || below == null
                        ? ""
                        : below.thread().tex().shown());
        said.add("purpose", work.purpose().name());
        said.add("width", typed(work.stitchWidthMm(), units));
        said.add("offset", typed(work.offCentreMm(), units));
        said.add("twin", work.twin());
        return said;
    }

    /**
     * Returns a job as it would be typed: cloths of the catalogue by their ids, the first one described where it is none of these.
     *
     * @throws BadInput if a further cloth is only described, for which a sentence has no words
     */
    static MultiValueMap<String, String> said(Job job, Units units) {
        MultiValueMap<String, String> said = new LinkedMultiValueMap<>();
        List<Layers> stack = job.stack().all();
        Cloth first = stack.get(0).cloth();
        said.add("cloth", first.id());
        if (first.id().equals(Cloth.DESCRIBED)) {
            describe(said, Described.of(first), units);
        }
        said.add("layers", String.valueOf(stack.get(0).count()));
        for (Layers layers : stack.subList(1, stack.size())) {
            BadInput.unless(
                    !layers.cloth().id().equals(Cloth.DESCRIBED),
                    "stack",
                    () -> "Only the first cloth of a step can be described. Name the others by their ids.");
            said.add("also", layers.cloth().id());
            said.add("alsoLayers", String.valueOf(layers.count()));
        }
        said.add("crossing", job.hasCrossing() ? String.valueOf(job.crossingLayers()) : "");
        said.add("spool", "");
        said.add("number", job.thread().tex().shown());
        said.add("fibre", job.thread().fibre().name());
        said.add("build", job.thread().build().name());
        said.add("strands", String.valueOf(job.thread().strands()));
        said.add("purpose", job.purpose().name());
        said.add("width", typed(job.stitchWidthMm() > 0 ? Double.valueOf(job.stitchWidthMm()) : null, units));
        return said;
    }

    private static void describe(MultiValueMap<String, String> said, Described described, Units units) {
        said.set("cloth", Cloth.DESCRIBED);
        said.add("structure", described.structure().name());
        said.add("weight", units.weightNumber(described.weightGsm()));
        said.add(
                "gives",
                described.stretchPercent() == null ? "" : String.valueOf(Math.round(described.stretchPercent())));
        said.add("density", described.density().name());
        described.traits().forEach(trait -> said.add("traits", trait.name()));
        said.add("part", described.part().name());
        said.add("make", described.make().name());
    }

    private static String typed(@Nullable Double mm, Units units) {
        return mm == null ? "" : units.mmNumber(mm);
    }
}
