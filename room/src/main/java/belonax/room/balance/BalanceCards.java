package belonax.room.balance;

import belonax.room.card.CardType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells which records of this package are kept as cards. */
@Configuration(proxyBeanMethods = false)
class BalanceCards {
    @Bean
    CardType balanceRun() {
        return new CardType(BalanceRun.class);
    }
}
