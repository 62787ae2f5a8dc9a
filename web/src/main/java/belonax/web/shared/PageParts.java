package belonax.web.shared;

import belonax.web.shared.form.Options;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.servlet.resource.ResourceUrlProvider;

/** What every template can ask for, the error page's too. */
@ControllerAdvice(annotations = Controller.class)
class PageParts {
    private static final Options OPTIONS = new Options();

    private final Assets assets;

    PageParts(ResourceUrlProvider urls) {
        this.assets = new Assets(urls);
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
