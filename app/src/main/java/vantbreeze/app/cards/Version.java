package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;
import vantbreeze.core.plan.Plan;

/**
 * A card as it once was.
 *
 * @param id which
 * @param name what the maker called it
 * @param madeAt when
 * @param plan what was decided then
 */
public record Version(UUID id, String name, Instant madeAt, Plan plan) { }
