package belonax.web.shared;

import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;
import org.springframework.web.servlet.resource.ResourceUrlProvider;

/**
 * The addresses of styles, scripts and fonts, with a hash of their content in them, so that browsers keep them for a year. They
 * are worked out once: the framework's filter looked every link of every page up in the archive, in case it was one of them.
 */
public final class Assets {
    private final ResourceUrlProvider urls;
    private final Map<String, String> known = new ConcurrentHashMap<>();

    Assets(ResourceUrlProvider urls) {
        this.urls = urls;
    }

    /** Returns the address of what ships at a path. */
    public String at(String path) {
        return known.computeIfAbsent(path, text -> Objects.requireNonNullElse(urls.getForLookupPath(text), text));
    }

    /** Puts the addresses in the place of the framework's filter. */
    @Configuration
    static class InsteadOfTheFilter {
        @Bean
        FilterRegistrationBean<ResourceUrlEncodingFilter> resourceUrlEncodingFilter() {
            FilterRegistrationBean<ResourceUrlEncodingFilter> filter =
                    new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
            filter.setEnabled(false);
            return filter;
        }
    }
}
