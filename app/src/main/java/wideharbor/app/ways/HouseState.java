package wideharbor.app.ways;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The number of what all jobs of the house are judged by: rules, ways of working, standards. It is read within the
 * transaction that judges, so a judgement always knows under which rules it was made.
 */
@Service
public class HouseState {
    private final HouseStateRows rows;

    HouseState(HouseStateRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public long rules() {
        return rows.current();
    }

    /** The rules are others now: what was judged under the old ones is to be judged anew. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void change() {
        rows.next();
    }
}
