package attune.app.author;

import jakarta.annotation.Nullable;
import java.util.UUID;

/**
 * Somebody works here from now on, or is called otherwise.
 *
 * @param before what they were called, null for who has just come
 * @param works whether they do jobs
 */
public record MemberNamed(UUID id, @Nullable String before, String name, boolean works) {}
