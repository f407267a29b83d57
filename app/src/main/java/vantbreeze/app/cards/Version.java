package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;

/**
 * A card as it once was.
 *
 * @param id which
 * @param name what the maker called it
 * @param madeAt when
 * @param document the plan document of then
 */
public record Version(UUID id, String name, Instant madeAt, String document) {}
