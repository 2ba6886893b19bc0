package drumnest.core.place;

import drumnest.core.measure.Size;

/**
 * A slot as placing sees it.
 *
 * @param id its identity
 * @param print the size of the print it takes
 * @param hidden whether it is not seen at rest
 * @param mayTurn whether a picture may lie in it with a quarter turn
 */
public record Place(String id, Size print, boolean hidden, boolean mayTurn) {}
