package belonax.web.shared;

import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** What every template can ask for, whichever way it came to be shown: the error page's and a refusal's too. */
@Component
public class PageParts {
    PageParts(ThymeleafViewResolver pages, ResourceUrlProvider urls) {
        pages.addStaticVariable("assets", new Assets(urls));
    }
}
