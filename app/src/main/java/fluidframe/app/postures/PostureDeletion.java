package fluidframe.app.postures;

/** Published before a sheet of posture and hold is deleted. */
public record PostureDeletion(String id) {}
