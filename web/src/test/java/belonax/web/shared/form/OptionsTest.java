package belonax.web.shared.form;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.room.Choice;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;

/** The options of a list, written as markup at once. */
class OptionsTest {
    private static final String TEMPLATE =
            "<select><option value=\"\">none</option><th:block pick:from=\"${all}\" pick:chosen=\"${it}\"></th:block></select>";

    @Test
    void options_are_escaped_and_the_chosen_one_is_marked() {
        List<Choice> all = List.of(new Choice("a", "<b>"), new Choice("c\"", "silk & wool"));

        assertThat(shown(all, "c\""))
                .isEqualTo("<select><option value=\"\">none</option><option value=\"a\">&lt;b&gt;</option>"
                        + "<option value=\"c&quot;\" selected=\"selected\">silk &amp; wool</option></select>");
        assertThat(shown(all, null)).doesNotContain("selected");
        assertThat(shown(List.of(), "a")).isEqualTo("<select><option value=\"\">none</option></select>");
    }

    private static String shown(List<Choice> all, @Nullable String chosen) {
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setTemplateResolver(new StringTemplateResolver());
        engine.addDialect(new Options());
        Map<String, Object> model = new HashMap<>();
        model.put("all", all);
        model.put("it", chosen);
        return engine.process(TEMPLATE, new Context(Locale.ROOT, model));
    }
}
