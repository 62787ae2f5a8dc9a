package belonax.web.shared;

import belonax.web.shared.form.Options;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every template can ask for, the error page's too. */
@ControllerAdvice(annotations = Controller.class)
class PageParts {
    private static final Options OPTIONS = new Options();

    private final Assets assets;

    PageParts(Assets assets) {
        this.assets = assets;
    }

    @ModelAttribute("assets")
    Assets assets() {
        return assets;
    }

    @ModelAttribute("options")
    Options options() {
        return OPTIONS;
    }
}
