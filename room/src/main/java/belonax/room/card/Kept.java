package belonax.room.card;

import java.util.UUID;

/**
 * A card as it is kept.
 *
 * @param revision how often it was changed; an edit of an older revision is refused
 */
public record Kept<T extends Card>(UUID id, int revision, T card) {}
