package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Job;
import belonax.match.MatchRequest;
import belonax.needle.Needle;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.ClothShelf;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.thread.UsualThread;
import belonax.web.shared.Layout;
import belonax.web.shared.sentence.SentenceView.Part;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/**
 * What is sewn: the address wins on its page, what it leaves out is what lies on the table. A form sends the whole sentence along in
 * one entry, so that an act knows what it is done on.
 */
@Component
public class Sentences {
    /** Returns how an address names a thread that is told by its look instead of a spool. */
    public static String byItsLook(UsualThread thread) {
        return ThreadAsked.BY_ITS_LOOK + thread.name();
    }

    /** What goes together: where the address tells one of them, it tells all. */
    private static final List<String> CLOTH =
            List.of("cloth", "structure", "weight", "gives", "density", "traits", "part", "make");

    private static final List<String> STACK = List.of("layers", "also", "alsoLayers", "crossing", "stitching");
    private static final List<String> THREAD =
            List.of("spool", "number", "numbering", "fibre", "build", "strands", "bobbin", "bobbinTex");
    private static final List<String> WORK = List.of("purpose", "width", "offset", "twin");

    private final DrawerStore drawer;
    private final ClothCatalogue catalogue;
    private final ClothShelf cloths;
    private final Layout layout;
    private final Clock clock;

    Sentences(DrawerStore drawer, ClothCatalogue catalogue, ClothShelf cloths, Layout layout, Clock clock) {
        this.drawer = drawer;
        this.catalogue = catalogue;
        this.cloths = cloths;
        this.layout = layout;
        this.clock = clock;
    }

    /** Returns what the sentence can be made of now. */
    public Stock stock() {
        return new Stock(drawer, catalogue, cloths, clock, layout.settings().units());
    }

    /** Returns the sentence of a page, or the one that a form sent along. */
    Sentence of(HttpServletRequest request, Optional<MachineNow> on, Stock stock) {
        String sent = request.getParameter(Layout.SENTENCE);
        MultiValueMap<String, String> asked = new LinkedMultiValueMap<>();
        if (sent == null) {
            request.getParameterMap().forEach((name, values) -> asked.put(name, Arrays.asList(values)));
        } else {
            read(sent).forEach(asked::put);
        }
        return of(asked, on, stock);
    }

    /** Returns the sentence that a form sent along as it lies on the table; nothing where none was sent. */
    public Optional<TableWork> work(@Nullable String sent, Optional<MachineNow> on) {
        if (sent == null || sent.isBlank()) {
            return Optional.empty();
        }
        Stock stock = stock();
        return Optional.of(Laying.of(of(read(sent), on, stock), stock));
    }

    /**
     * Returns what a page or a form speaks of as it lies on the table.
     *
     * @throws BadInput naming the part of it that will not do
     */
    public TableWork work(HttpServletRequest request, Optional<MachineNow> on) {
        Stock stock = stock();
        return Laying.of(of(request, on, stock), stock);
    }

    /** Returns the entries by which an address, or a table of steps, tells a sentence. */
    public static List<String> entries() {
        return Stream.of(CLOTH, STACK, THREAD, WORK).flatMap(List::stream).toList();
    }

    /**
     * Returns what entries tell as it lies on the table; what they leave out is what lies there now.
     *
     * @throws BadInput naming the part of it that will not do
     */
    public TableWork work(MultiValueMap<String, String> told, Optional<MachineNow> on, Stock stock) {
        return Laying.of(of(told, on, stock), stock);
    }

    /** Returns the entries of an address. */
    public static MultiValueMap<String, String> entriesOf(String query) {
        return read(query);
    }

    /** Returns a job as its entries tell it. */
    public static MultiValueMap<String, String> entriesOf(Job job, Stock stock) {
        return Laying.said(job, stock.units());
    }

    private void show(
            Model model,
            Sentence sentence,
            Optional<MachineNow> on,
            Stock stock,
            String path,
            HttpServletRequest request) {
        Optional<TableWork> work = Optional.empty();
        Part wrong = null;
        try {
            work = Optional.of(Laying.of(sentence, stock));
        } catch (BadInput notYet) {
            wrong = partOf(notYet.problems().get(0).field());
        }
        boolean isClosed = request.getParameter("closed") != null && !sentence.isSearching();
        String pick = Objects.requireNonNullElse(request.getParameter("pick"), "");
        // What will not do stays open, as it was typed.
        Part picked = wrong != null ? wrong : isClosed ? null : Part.of(pick);
        String query = sentence.query();
        model.addAttribute(
                "sentence",
                new SentenceView(
                        path,
                        query,
                        work.isPresent() && on.flatMap(MachineNow::table).equals(work) ? "" : query,
                        SentenceWords.of(sentence, stock, on),
                        picked == null ? null : Pickers.of(sentence, stock, on, layout.machines()),
                        picked));
    }

    /** Returns the part of the sentence that an entry belongs to. */
    private static Part partOf(String entry) {
        if (THREAD.contains(entry)) {
            return Part.THREAD;
        }
        if (STACK.contains(entry)) {
            return Part.LAYERS;
        }
        return CLOTH.contains(entry) ? Part.CLOTH : Part.PURPOSE;
    }

    /** A sentence that a page asked with, and what it can be made of. */
    public record Asked(Sentence sentence, Stock stock) {
        /** Returns the question which needle to take; those at hand are offered. */
        public MatchRequest request(
                Optional<MachineNow> on,
                List<BrokenBefore> brokenBefore,
                List<MatchRequest.Proven> proven,
                List<Needle> atHand) {
            return sentence.request(stock, on.map(MachineNow::card), brokenBefore, proven, atHand);
        }

        /** Returns the question how a needle does that is in the machine. */
        public MatchRequest judging(MachineNow on, List<BrokenBefore> brokenBefore) {
            return sentence.request(stock, Optional.of(on.card()), brokenBefore, List.of(), List.of());
        }

        public String cloth() {
            return sentence.cloth().cloth();
        }

        /** Returns it as it lies on the table. */
        public TableWork work() {
            return Laying.of(sentence, stock);
        }
    }

    /** Reads the sentence of a page and puts it there, with a picker open where the address says so. */
    public Asked show(Model model, Optional<MachineNow> on, String path, HttpServletRequest request) {
        Stock stock = stock();
        Sentence sentence = of(request, on, stock);
        show(model, sentence, on, stock, path, request);
        return new Asked(sentence, stock);
    }

    /** Says again what lies, or lay, on a table. */
    public Asked again(TableWork work, Optional<MachineNow> on) {
        return again(work, on, stock());
    }

    /** Says again what lies, or lay, on a table, out of what was read before. */
    public Asked again(TableWork work, Optional<MachineNow> on, Stock stock) {
        return new Asked(of(Laying.said(work, stock.units()), on, stock), stock);
    }

    private Sentence of(MultiValueMap<String, String> asked, Optional<MachineNow> on, Stock stock) {
        MultiValueMap<String, String> said = new LinkedMultiValueMap<>();
        on.flatMap(MachineNow::table).ifPresent(tableWork -> said.putAll(Laying.said(tableWork, stock.units())));
        replace(said, asked, CLOTH, "cloth");
        replace(said, asked, STACK, "cloth");
        replace(said, asked, THREAD, "spool", "number");
        replace(said, asked, WORK, "purpose");
        said.putAll(asked);
        return Sentence.of(said, on, layout.settings(), stock::usualLayers);
    }

    private static void replace(
            MultiValueMap<String, String> said,
            MultiValueMap<String, String> asked,
            List<String> together,
            String... telling) {
        if (Arrays.stream(telling).anyMatch(asked::containsKey)) {
            together.forEach(said::remove);
        }
    }

    private static MultiValueMap<String, String> read(String query) {
        MultiValueMap<String, String> read = new LinkedMultiValueMap<>();
        UriComponentsBuilder.newInstance()
                .query(query)
                .build()
                .getQueryParams()
                .forEach((name, values) -> values.forEach(value -> read.add(name, decoded(value))));
        return read;
    }

    private static String decoded(@Nullable String value) {
        return value == null ? "" : UriUtils.decode(value.replace("+", " "), StandardCharsets.UTF_8);
    }
}
