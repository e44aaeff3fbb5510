package wideharbor.app.configurations;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Comparison;

/** Configurations of a build beside each other, and where people meet them. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}")
class ConfigurationController {
    private final ConfigurationService configurations;

    ConfigurationController(ConfigurationService configurations) {
        this.configurations = configurations;
    }

    /** The configuration looked at beside another of the same build. */
    @GetMapping("/compare")
    Comparison compare(Standpoint at, @RequestParam ConfigurationId with) {
        return configurations.compare(at, with);
    }

    /** The balance with every lens, and what slides and other batteries would make of it. */
    @GetMapping("/balance")
    BalanceSheet balance(Standpoint at) {
        return configurations.balance(at);
    }

    /** What every change from one configuration to another takes. */
    @GetMapping("/changeovers")
    ConfigurationViews.Changeovers changeovers(Standpoint at) {
        return configurations.changeovers(at);
    }

    /** What there is to hold, where the finder is from the eye, and what touches the table. */
    @GetMapping("/hands")
    HandsView hands(Standpoint at) {
        return configurations.hands(at);
    }
}
