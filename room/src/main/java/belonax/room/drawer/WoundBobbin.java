package belonax.room.drawer;

import belonax.BadInput;
import belonax.machine.BobbinClass;
import belonax.machine.BobbinMaterial;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A wound bobbin, kept with the spool it came from.
 *
 * @param spool the spool; null when nobody knows
 * @param bobbinClass its class, or words where it is none of the table
 * @param marked what is written on it
 * @param metresLeft null when nobody knows
 * @param material null when nobody knows
 */
@IsCard(CardKind.BOBBIN)
public record WoundBobbin(
        @Nullable UUID spool,
        String bobbinClass,
        String marked,
        @Nullable Double metresLeft,
        @Nullable BobbinMaterial material)
        implements OnMetres<WoundBobbin> {
    public WoundBobbin {
        material = material == null ? BobbinMaterial.in(bobbinClass).orElse(null) : material;
        bobbinClass = BobbinClass.named(bobbinClass);
        Card.checkLength("bobbinClass", bobbinClass, 80);
        Card.checkLength("marked", marked, 80);
        BadInput.unless(
                metresLeft == null || metresLeft >= 0 && metresLeft <= 500,
                "metresLeft",
                () -> "A bobbin holds 0 to 500 metres. Leave it empty when you do not know.");
    }

    @Override
    public WoundBobbin withMetresLeft(double metres) {
        return new WoundBobbin(spool, bobbinClass, marked, metres, material);
    }

    @Override
    public String words() {
        return marked.isBlank() ? "wound bobbin" : "bobbin “" + marked + "”";
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + bobbinClass).toLowerCase(Locale.ROOT);
    }
}
