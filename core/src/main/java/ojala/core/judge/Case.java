package ojala.core.judge;

import java.util.List;
import java.util.Optional;
import ojala.core.doubt.Doubt;
import ojala.core.fault.Fault;
import ojala.core.settings.Settings;
import ojala.core.view.ChangeView;
import ojala.core.view.View;

/**
 * All that a verdict is made of.
 *
 * @param settings as they hold for the target
 * @param base the base's tally through the same settings
 * @param baseKnown false where a base exists that can't be seen from here
 * @param headFaults what is wrong with the head's own {@code ojala.yaml}
 */
public record Case(
        Settings settings,
        View head,
        ChangeView change,
        Optional<View> base,
        boolean baseKnown,
        List<Doubt> doubts,
        List<Awaited> awaited,
        List<Fault> headFaults) {}
