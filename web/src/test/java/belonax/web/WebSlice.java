package belonax.web;

import belonax.cloth.ClothCatalogue;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.web.shared.PageParts;
import belonax.web.shared.pairing.AccessPolicy;
import belonax.web.shared.pairing.Lan;
import belonax.web.shared.pairing.Pairing;
import belonax.web.shared.security.SecurityRules;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.mockito.Mockito;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;

/** What every slice test of a controller needs: the core itself, which is never mocked, and the rules of access. */
@TestConfiguration
@Import({SecurityRules.class, PageParts.class})
public class WebSlice {
    @Bean
    ClothCatalogue cloths() {
        return ClothCatalogue.standard();
    }

    @Bean
    Lan noLan() {
        return Mockito.mock(Lan.class);
    }

    @Bean
    AccessPolicy policy() {
        return new AccessPolicy(Mockito.mock(Pairing.class));
    }

    @Bean
    SettingsStore settings() {
        SettingsStore settings = Mockito.mock(SettingsStore.class);
        Mockito.when(settings.now()).thenReturn(Settings.STANDARD);
        return settings;
    }

    @Bean
    Clock clock() {
        return Clock.fixed(Instant.parse("2026-11-25T09:30:00Z"), ZoneOffset.UTC);
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
