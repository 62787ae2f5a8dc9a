package belonax.room.drawer;

import belonax.room.card.CardType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells which records of this package are kept as cards. */
@Configuration(proxyBeanMethods = false)
class DrawerCards {
    @Bean
    CardType swatch() {
        return new CardType(Swatch.class);
    }

    @Bean
    CardType spool() {
        return new CardType(Spool.class);
    }

    @Bean
    CardType woundBobbin() {
        return new CardType(WoundBobbin.class);
    }

    @Bean
    CardType packet() {
        return new CardType(Packet.class);
    }

    @Bean
    CardType shelfPhoto() {
        return new CardType(ShelfPhoto.class);
    }
}
