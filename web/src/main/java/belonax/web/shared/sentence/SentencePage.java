package belonax.web.shared.sentence;

import belonax.room.needle.MachineNow;
import belonax.web.shared.OnTheTable;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The sentence alone, so that a picker opens without the page being worked out anew. */
@Controller
class SentencePage {
    private static final Set<String> TAKES_IT = Set.of("/bench", "/match", "/fit", "/fit/broken", "/balance", "/mend");

    private final Sentences sentences;

    SentencePage(Sentences sentences) {
        this.sentences = sentences;
    }

    @GetMapping("/sentence")
    String open(
            @RequestParam(defaultValue = "") String at,
            @OnTheTable Optional<MachineNow> on,
            HttpServletRequest request,
            Model model) {
        sentences.show(model, on, TAKES_IT.contains(at) ? at : "/match", request);
        return "shared/sentence :: sentence";
    }

    /** The cloths that fit the words typed so far. */
    @GetMapping("/sentence/cloths")
    String cloths(@OnTheTable Optional<MachineNow> on, HttpServletRequest request, Model model) {
        Stock stock = sentences.stock();
        Sentence sentence = sentences.of(request, on, stock);
        List<Pickers.ClothChoice> found = Pickers.choices(sentence, stock);
        Optional<String> here = found.isEmpty() ? stock.calledHere(sentence.find()) : Optional.empty();
        model.addAttribute("nothingFor", found.isEmpty() ? sentence.find() : null);
        model.addAttribute("calledHere", here.orElse(null));
        model.addAttribute(
                "cloths", here.map(text -> Pickers.found(text, stock)).orElse(found));
        model.addAttribute("chosen", sentence.cloth().cloth());
        return "shared/sentence :: cloths(cloths=${cloths},chosen=${chosen})";
    }
}
