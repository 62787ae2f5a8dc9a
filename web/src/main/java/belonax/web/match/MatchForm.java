package belonax.web.match;

import belonax.cloth.Stack;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.match.MatchRequest;
import belonax.room.drawer.Spool;
import belonax.room.machine.MachineCard;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Settings;
import belonax.web.shared.form.Parsed;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The set-up sentence as it stands in the address, word for word as it was typed, so that nothing is lost when a part of it
 * will not do.
 *
 * @param machine the machine on the table; empty when there is none
 */
record MatchForm(ClothAsked cloth, StackAsked stack, ThreadAsked thread, WorkAsked work, String machine) {

    /** Fills what the address leaves out with what is on the table and what was chosen in the settings. */
    static MatchForm of(
            ClothAsked cloth,
            StackAsked stack,
            ThreadAsked thread,
            WorkAsked work,
            Optional<MachineNow> onTheTable,
            Settings settings,
            UnaryOperator<String> usualLayers) {
        return new MatchForm(
                cloth,
                stack.of(cloth.cloth(), usualLayers),
                thread.orOnTheTable(onTheTable.flatMap(MachineNow::thread)),
                work.on(onTheTable.map(it -> it.machine().kind()), settings.sizeSchool()),
                onTheTable.map(MachineNow::id).orElse(""));
    }

    /** Returns the address of the snap test that is due on the spool of this sentence, if one is. */
    Optional<String> snapTestDue(Stock stock) {
        return thread.wantsSnapTest(stock)
                ? Optional.of(new Address("/drawer/spool/" + thread.spool())
                        .with("back", address())
                        .toString())
                : Optional.empty();
    }

    /**
     * Returns the question to the matcher.
     *
     * @throws BadInput naming the part of the sentence that will not do
     */
    MatchRequest request(
            Stock stock,
            Optional<MachineCard> machine,
            List<BrokenBefore> brokenBefore,
            List<MatchRequest.Proven> proven) {
        Stack sewn = stack.get(cloth, stock);
        JobBuilder job = Job.sewing(sewn, thread.get(stock)).brokenBefore(brokenBefore);
        work.tell(job, stock.units());
        stock.findSpool(thread.spool()).map(Spool::needleNote).ifPresent(job::spoolNote);
        if (!stack.stitching().isBlank()) {
            job.stitchingAlready(Parsed.layers("stitching", stack.stitching()));
        }
        job.crossingLayers(stack.crossingLayers(sewn));
        machine.ifPresent(it -> job.on(it.machine()).feet(it.footKinds()));
        return new MatchRequest(job.build(), work.wish(), proven, stock.needles());
    }

    /** Returns the address that holds this sentence. */
    String address() {
        Address address = new Address("/match");
        cloth.addTo(address);
        stack.addTo(address);
        thread.addTo(address);
        work.addTo(address);
        return address.with("machine", machine).toString();
    }
}
