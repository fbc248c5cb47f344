package lexicor.server.problems;

/** Something could not be stored or read: told to whoever can bring the database back. */
public record StorageFailed() {}
