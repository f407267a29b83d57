package vantbreeze.core.build;

/**
 * That one step comes before another, whatever else is free.
 *
 * @param because why, as the end of a sentence: "what is folded can't be scored any more"
 */
public record Precedence(StepId before, StepId after, String because) {}
