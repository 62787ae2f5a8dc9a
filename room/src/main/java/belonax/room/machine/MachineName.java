package belonax.room.machine;

/**
 * A machine by its name, for choosing it.
 *
 * @param id short name in addresses
 * @param standsAt where it stands, in the owner's words
 */
public record MachineName(String id, String name, String standsAt) {}
