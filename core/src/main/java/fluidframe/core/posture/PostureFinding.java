package fluidframe.core.posture;

import fluidframe.core.audit.Severity;

/**
 * What is wrong with a sheet.
 *
 * @param place of the value, as a JSON pointer within the sheet
 */
public record PostureFinding(Severity severity, String place, String sentence) {}
