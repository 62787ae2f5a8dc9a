package belonax.room.archive;

import belonax.BadInput;
import belonax.room.CraftJson;
import belonax.room.archive.WholeRoom.Content;
import belonax.room.event.ColumnEvent;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;

/** Reads the document of an archive or a copy, of this version or an older one. */
final class RoomDocument {
    private RoomDocument() {}

    /**
     * Reads it.
     *
     * @throws BadInput if it is none, was cut short, is of a newer version, or holds what makes no sense
     */
    static Content read(byte[] archive) {
        try {
            JsonNode tree = CraftJson.mapper().readTree(new String(archive, StandardCharsets.UTF_8));
            BadInput.unless(
                    tree != null && WholeRoom.MARK.equals(tree.path("belonax").asText()),
                    "archive",
                    () -> "That file is no archive of Belonax. Choose the file that Belonax wrote.");
            int version = tree.path("version").asInt(0);
            BadInput.unless(
                    version <= WholeRoom.VERSION,
                    "archive",
                    () -> "That archive was written by a newer Belonax (version " + version
                            + "). Update this one, then take it in.");
            BadInput.unless(
                    version >= 1, "archive", () -> "That archive does not tell its version; it cannot be read.");
            if (version == 1) {
                liftEvents(tree.path("room").path("events"));
            }
            return checked(CraftJson.mapper().treeToValue(tree, Content.class));
        } catch (JsonMappingException e) {
            throw e.getCause() instanceof BadInput bad ? inArchive(bad) : unreadable();
        } catch (JsonProcessingException e) {
            throw new BadInput(
                    "archive", "That file is no archive, or was cut short. Choose the whole file that Belonax wrote.");
        }
    }

    /** The first version kept an event in columns that meant another thing for every kind. */
    private static void liftEvents(JsonNode events) throws JsonProcessingException {
        for (JsonNode node : events) {
            ColumnEvent old = CraftJson.mapper().treeToValue(node, ColumnEvent.class);
            ObjectNode event = (ObjectNode) node;
            event.retain("action", "at", "kind");
            event.set("event", CraftJson.tree(old.lifted()));
        }
    }

    private static Content checked(Content content) {
        boolean whole = content.room() != null
                && content.drawer() != null
                && content.settings() != null
                && content.room().machines() != null;
        BadInput.unless(whole, "archive", () -> "That archive lacks a part. Choose the file as Belonax wrote it.");
        return content;
    }

    static BadInput inArchive(BadInput bad) {
        return new BadInput("archive", "Something in that archive makes no sense. " + bad.getMessage());
    }

    private static BadInput unreadable() {
        return new BadInput(
                "archive", "Something in that archive is not as Belonax writes it. Choose the file as it was written.");
    }
}
