package belonax.web.shared.sentence;

import belonax.cloth.Stack;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.match.MatchRequest;
import belonax.needle.Needle;
import belonax.room.drawer.Spool;
import belonax.room.machine.MachineCard;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Settings;
import belonax.web.shared.form.FormBinding;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.util.MultiValueMap;

/**
 * The set-up sentence as it stands in the address, word for word as it was typed, so that nothing is lost when a part of it
 * will not do.
 *
 * @param machine the machine on the table; empty when there is none
 */
public record Sentence(ClothAsked cloth, StackAsked stack, ThreadAsked thread, WorkAsked work, String machine) {

    /** Fills what was not said with what is on the machine and what was chosen in the settings. */
    static Sentence of(
            MultiValueMap<String, String> said,
            Optional<MachineNow> on,
            Settings settings,
            UnaryOperator<String> usualLayers) {
        ClothAsked cloth = FormBinding.words(ClothAsked.class, said);
        return new Sentence(
                cloth,
                FormBinding.words(StackAsked.class, said).of(cloth.cloth(), usualLayers),
                FormBinding.words(ThreadAsked.class, said).orOnTheMachine(on.flatMap(MachineNow::thread)),
                FormBinding.words(WorkAsked.class, said)
                        .on(on.map(machineNow -> machineNow.machine().kind()), settings.sizeSchool()),
                on.map(MachineNow::id).orElse(""));
    }

    /** Tells whether words were typed to find a cloth, and none was chosen yet. */
    boolean isSearching() {
        return !cloth.find().isBlank()
                && (stack.before() == null || stack.before().equals(cloth.cloth()));
    }

    /** Returns the words that a cloth is looked for by. */
    public String find() {
        return isSearching() ? cloth.find() : "";
    }

    /** Returns the address of the snap test that is due on the spool of this sentence, if one is. */
    public Optional<String> snapTestDue(Stock stock) {
        return thread.wantsSnapTest(stock)
                ? Optional.of(new Address("/drawer/spool/" + thread.spool())
                        .with("back", at("/match"))
                        .toString())
                : Optional.empty();
    }

    /**
     * Returns the cloths under the foot.
     *
     * @throws belonax.BadInput naming the part that will not do
     */
    public Stack sewn(Stock stock) {
        return stack.get(cloth, stock);
    }

    /**
     * Returns the question to the matcher.
     *
     * @param owned the needles of the drawer, where they are to be offered
     * @throws belonax.BadInput naming the part of the sentence that will not do
     */
    public MatchRequest request(
            Stock stock,
            Optional<MachineCard> machine,
            List<BrokenBefore> brokenBefore,
            List<MatchRequest.Proven> proven,
            List<Needle> owned) {
        Stack sewn = sewn(stock);
        JobBuilder job =
                Job.sewing(sewn, thread.get(stock)).brokenBefore(brokenBefore).washed(stock.isWashed(cloth.cloth()));
        work.tell(job, stock.units());
        stock.findSpool(thread.spool()).map(Spool::needleNote).ifPresent(job::spoolNote);
        stack.stitchingLayers().ifPresent(job::stitchingAlready);
        job.crossingLayers(stack.crossingLayers(sewn));
        machine.ifPresent(machineCard -> job.on(machineCard.machine()).feet(machineCard.footKinds()));
        return new MatchRequest(job.build(), work.wish(), proven, owned, List.of());
    }

    /** Returns the address at which a page takes this sentence. */
    public String at(String path) {
        Address address = new Address(path);
        cloth.addTo(address);
        stack.addTo(address);
        thread.addTo(address);
        work.addTo(address);
        return address.with("machine", machine).toString();
    }

    /** Returns the sentence as a form sends it along: the query of its addresses. */
    public String query() {
        return at("/").substring(2);
    }
}
