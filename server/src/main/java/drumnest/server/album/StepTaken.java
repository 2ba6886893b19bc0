package drumnest.server.album;

/**
 * That a step was done and is kept. Whoever has to do one says so by giving it back, so that none
 * is told as done that was forgotten.
 *
 * @param label what was done
 */
public record StepTaken(String label) {}
