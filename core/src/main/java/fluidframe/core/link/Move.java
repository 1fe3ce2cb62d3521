package fluidframe.core.link;

import fluidframe.core.space.Heading;

/** One figure danced next: how, from which heading, how well it fits and how it leaves the couple. */
public record Move(Dancing dancing, Heading facing, Outcome outcome, ExitState exit) {}
