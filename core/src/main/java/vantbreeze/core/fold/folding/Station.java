package vantbreeze.core.fold.folding;

import vantbreeze.core.fold.Pose;

/** A pose through which a card goes on its way, and what a maker calls it. */
public record Station(String name, Pose pose) {}
