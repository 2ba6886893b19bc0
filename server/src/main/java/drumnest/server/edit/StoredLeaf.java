package drumnest.server.edit;

import org.jspecify.annotations.Nullable;

/**
 * A leaf as it is stored: lengths in nanometres, plans as JSON.
 *
 * @param type the key of its kind in the catalogue
 * @param turned whether it was turned over
 * @param dropBy how far its top lies below that of the album's page
 * @param plan what is planned on its first face
 * @param reversePlan what is planned on its second face
 */
public record StoredLeaf(
    String type,
    boolean turned,
    long dropBy,
    @Nullable String plan,
    @Nullable String reversePlan) {}
