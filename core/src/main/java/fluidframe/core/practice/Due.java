package fluidframe.core.practice;

import java.util.List;

/**
 * Something that should be practised, and why.
 *
 * @param urgency what it is ranked by: the greater the sooner
 * @param recall how likely it is to be had now, from 0 to 1
 * @param reasons the weightiest first
 */
public record Due(Subject subject, Stage stage, double urgency, double recall, List<DueReason> reasons) {

    public Due {
        reasons = List.copyOf(reasons);
    }
}
