package belonax.web.shared;

import belonax.web.shared.form.IdempotencyInterceptor;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerMapping;

/** Puts the thread path and the machine bar onto every page. Both are worked out when they are drawn, not when a press leads on. */
@ControllerAdvice(annotations = Controller.class)
class LayoutAdvice {
    private final SingletonSupplier<Layout> layout;

    /** A slice of the application that has no room has no layout either. */
    LayoutAdvice(ObjectProvider<Layout> layout) {
        this.layout = SingletonSupplier.ofNullable(layout::getIfAvailable);
    }

    @ModelAttribute
    void add(HttpServletRequest request, HttpServletResponse response, Model model) {
        Layout known = layout.get();
        if (known != null) {
            known.remember(request, response);
            add(known, request, model);
        }
    }

    private static void add(Layout layout, HttpServletRequest request, Model model) {
        model.addAttribute("threadPath", ThreadPath.at(stop(request)));
        model.addAttribute("settings", layout.settings());
        model.addAttribute("units", layout.settings().units());
        model.addAttribute("badCards", layout.badCards());
        Supplier<String> shown = () -> Layout.shown(model);
        request.setAttribute(IdempotencyInterceptor.SHOWN, shown);
        layout.show(model, () -> layout.onTheTable(request));
    }

    private static @Nullable Stop stop(HttpServletRequest request) {
        return Optional.ofNullable(request.getAttribute(HandlerMapping.BEST_MATCHING_HANDLER_ATTRIBUTE))
                .filter(HandlerMethod.class::isInstance)
                .map(value -> ((HandlerMethod) value).getBeanType().getAnnotation(AtStop.class))
                .map(AtStop::value)
                .orElse(null);
    }
}
