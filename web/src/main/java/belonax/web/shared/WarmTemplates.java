package belonax.web.shared;

import org.springframework.context.annotation.Configuration;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Room for what every template was read as and for each expression in them. All pages together have four times as many expressions as
 * the engine keeps of itself, so that a sewist who goes from one page to the next had each of them read anew.
 */
@Configuration
class WarmTemplates {
    private static final int MAX_TEMPLATES = 1_000;
    private static final int MAX_EXPRESSIONS = 8_000;

    WarmTemplates(SpringTemplateEngine engine) {
        StandardCacheManager kept = new StandardCacheManager();
        kept.setTemplateCacheMaxSize(MAX_TEMPLATES);
        kept.setExpressionCacheMaxSize(MAX_EXPRESSIONS);
        engine.setCacheManager(kept);
    }
}
