package drumnest.server.movers.kind;

/** A measure that is worked out of a mover, by its name. */
public record MoverFact(String name, String value) {}
