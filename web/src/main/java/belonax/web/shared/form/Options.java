package belonax.web.shared.form;

import belonax.room.Choice;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.StandardDialect;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.standard.processor.StandardUtextTagProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Writes the options of a list as markup at once, such as {@code <th:block pick:from="${cloths}" pick:chosen="${cloth}">}: walking
 * a hundred cloths in a template, or having their markup read as one, took longer than all the page around them.
 */
@Component
class Options extends AbstractProcessorDialect {
    private static final String PREFIX = "pick";
    private static final String CHOSEN = "pick:chosen";
    /** As the standard's own for text: after what repeats or leaves out an element, before what takes its tags off. */
    private static final int AMONG_THE_STANDARD_ONES = StandardUtextTagProcessor.PRECEDENCE;

    Options() {
        super("Options of a list", PREFIX, StandardDialect.PROCESSOR_PRECEDENCE);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new From(prefix));
    }

    private static final class From extends AbstractAttributeTagProcessor {
        From(String prefix) {
            super(TemplateMode.HTML, prefix, null, false, "from", true, AMONG_THE_STANDARD_ONES, true);
        }

        @Override
        @SuppressWarnings("unchecked") // A list of choices is what the attribute is for.
        protected void doProcess(
                ITemplateContext context,
                IProcessableElementTag tag,
                AttributeName name,
                String value,
                IElementTagStructureHandler structure) {
            List<Choice> choices = (List<Choice>) evaluated(context, value);
            Object chosen = tag.hasAttribute(CHOSEN) ? evaluated(context, tag.getAttributeValue(CHOSEN)) : null;
            structure.removeAttribute(CHOSEN);
            structure.setBody(html(choices, chosen == null ? null : chosen.toString()), false);
        }

        private static Object evaluated(ITemplateContext context, String expression) {
            return StandardExpressions.getExpressionParser(context.getConfiguration())
                    .parseExpression(context, expression)
                    .execute(context);
        }
    }

    /** Returns the options, escaped; the chosen one is marked. */
    private static String html(List<Choice> choices, @Nullable String chosen) {
        StringBuilder html = new StringBuilder(choices.size() * 64);
        for (Choice choice : choices) {
            html.append("<option value=\"")
                    .append(HtmlUtils.htmlEscape(choice.value()))
                    .append('"');
            if (choice.value().equals(chosen)) {
                html.append(" selected=\"selected\"");
            }
            html.append('>').append(HtmlUtils.htmlEscape(choice.words())).append("</option>");
        }
        return html.toString();
    }
}
