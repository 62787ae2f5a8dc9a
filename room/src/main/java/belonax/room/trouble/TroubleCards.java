package belonax.room.trouble;

import belonax.room.card.CardType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells which records of this package are kept as cards. */
@Configuration(proxyBeanMethods = false)
class TroubleCards {
    @Bean
    CardType mendCase() {
        return new CardType(MendCase.class);
    }
}
