package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.drawer.WoundBobbin;
import belonax.room.plan.Project;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.FlashMap;

/** Each entry of each form, filled with what will not do: it is told, and nothing else that was typed is lost. */
@Tag("thorough")
@InTheDemoRoom
class KeptTypingTest {
    private static final String NONSENSE = "zz-qq";
    private static final String ENDLESS = "x".repeat(1_000_000);

    /** Letters of a packet count only where its kind is not known. */
    private static final Set<String> PASSED_OVER = Set.of("letters");

    private static final List<String> PAGES = List.of(
            "/bench",
            "/balance/pull?machine=badger",
            "/drawer/machine/heron/manual",
            "/drawer/machine/badger/stitches",
            "/mend/care",
            "/plan?another=true",
            "/drawer/packet?text=130/705+H-S+75",
            "/drawer/spool?text=No.+120,+200+m",
            "/drawer/swatch",
            "/drawer/machine",
            "/drawer/machine/heron",
            "/drawer/bobbin",
            "/settings");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Test
    void what_will_not_do_is_told_and_nothing_else_that_was_typed_is_lost() throws Exception {
        List<String> wrong = new ArrayList<>();
        int tried = 0;
        for (String page : pages()) {
            for (Entry entry : entries(page)) {
                for (String typed : List.of(NONSENSE, ENDLESS)) {
                    tried++;
                    told(page, entry, typed).forEach(wrong::add);
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(tried).isGreaterThan(150);
    }

    /** One entry of one of a page's forms. */
    private record Entry(int form, String name) {}

    private List<String> pages() {
        String project = "/plan/" + first(Project.class);
        List<String> pages = new ArrayList<>(PAGES);
        pages.addAll(List.of(
                project,
                project + "/step",
                "/drawer/swatch/" + first(Swatch.class),
                "/drawer/spool/" + first(Spool.class),
                "/drawer/packet/" + first(Packet.class),
                "/drawer/bobbin/" + first(WoundBobbin.class)));
        return pages;
    }

    private Object first(Class<? extends Card> type) {
        return drawer.all(type).get(0).id();
    }

    private List<FormElement> forms(String page) throws Exception {
        String html = mvc.perform(get(URI.create(page)).accept("text/html"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return Jsoup.parse(html, "http://localhost/")
                .select("main form[method=post]")
                .forms();
    }

    private List<Entry> entries(String page) throws Exception {
        List<FormElement> forms = forms(page);
        return Stream.iterate(0, number -> number < forms.size(), number -> number + 1)
                .flatMap(at -> typed(forms.get(at)).stream()
                        .map(element -> element.attr("name"))
                        .distinct()
                        .map(text -> new Entry(at, text)))
                .toList();
    }

    private static List<Element> typed(Element form) {
        return form.select("textarea[name],input[name]").stream()
                .filter(element ->
                        Set.of("", "text", "number", "search", "date", "url").contains(element.attr("type")))
                .toList();
    }

    private Collection<String> told(String page, Entry entry, String typed) throws Exception {
        FormElement form = forms(page).get(entry.form());
        for (Element element : typed(form)) {
            if (element.val().isEmpty() && element.attr("type").isEmpty()) {
                element.val("7");
            }
        }
        Element wrong = typed(form).stream()
                .filter(element -> element.attr("name").equals(entry.name()))
                .findFirst()
                .orElseThrow();
        wrong.val(typed);
        MvcResult answer = mvc.perform(sent(page, form)).andReturn();
        String what = page + " " + entry + " " + typed.substring(0, 5) + ": ";
        return said(what, answer, form, PASSED_OVER.contains(entry.name()) ? NONSENSE : typed);
    }

    private static Collection<String> said(String what, MvcResult answer, FormElement form, String typed)
            throws Exception {
        MockHttpServletResponse response = answer.getResponse();
        if (response.getStatus() >= 500 || response.getStatus() == 403) {
            return List.of(what + response.getStatus());
        }
        if (response.getStatus() == 422) {
            Document told = Jsoup.parse(response.getContentAsString());
            List<String> kept = typed(told).stream().map(Element::val).toList();
            return typed(form).stream()
                    .filter(element -> !element.val().isEmpty() && !kept.contains(element.val()))
                    .map(element -> what + "lost " + element.attr("name"))
                    .toList();
        }
        FlashMap next = answer.getFlashMap();
        boolean isRefused = next != null && next.containsKey("refused");
        return typed.equals(ENDLESS) && !isRefused ? List.of(what + "taken with " + response.getStatus()) : List.of();
    }

    private static MockHttpServletRequestBuilder sent(String page, FormElement form) {
        URI to = URI.create(form.attr("action").isEmpty() ? page : form.attr("action"));
        boolean withFiles = form.attr("enctype").equals("multipart/form-data");
        MockHttpServletRequestBuilder request =
                withFiles ? multipart(to).file(new MockMultipartFile("picture", new byte[0])) : post(to);
        form.formData().stream()
                .filter(keyVal -> !keyVal.key().equals("_csrf"))
                .forEach(keyVal -> request.param(keyVal.key(), keyVal.value()));
        return request.with(csrf()).accept("text/html").header("Referer", "http://localhost" + page);
    }
}
