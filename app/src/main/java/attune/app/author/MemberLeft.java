package attune.app.author;

import java.util.UUID;

/** Somebody does not work here any more. */
public record MemberLeft(UUID id, String name) {}
