package belonax.web.shared.form;

import belonax.room.Choice;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/**
 * Writes the options of a list as markup at once: walking a hundred cloths in a template took longer than all the page around
 * them.
 */
public class Options {

    /** Returns the options, escaped; the chosen one is marked. */
    public String html(List<Choice> choices, @Nullable String chosen) {
        StringBuilder html = new StringBuilder(choices.size() * 64);
        for (Choice it : choices) {
            html.append("<option value=\"")
                    .append(HtmlUtils.htmlEscape(it.value()))
                    .append('"');
            if (it.value().equals(chosen)) {
                html.append(" selected=\"selected\"");
            }
            html.append('>').append(HtmlUtils.htmlEscape(it.words())).append("</option>");
        }
        return html.toString();
    }
}
