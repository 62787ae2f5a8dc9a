package belonax.web;

import belonax.cloth.ClothCatalogue;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import belonax.web.shared.security.SecurityRules;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;

/** What every slice test of a controller needs: the core itself, which is never mocked, and the rules of access. */
@TestConfiguration
@Import(SecurityRules.class)
public class WebSlice {
    @Bean
    ClothCatalogue cloths() {
        return ClothCatalogue.standard();
    }

    @Bean
    NeedleMatcher matcher() {
        return NeedleMatcher.standard();
    }

    @Bean
    SetupCheck check(NeedleMatcher matcher) {
        return new SetupCheck(matcher);
    }
}
