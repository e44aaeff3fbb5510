package wideharbor.app.demo;

import java.util.List;
import org.springframework.stereotype.Component;
import wideharbor.app.packing.PackingController;
import wideharbor.app.stock.Pieces;

/** Takes pieces off the demo's shelves. */
@Component
class DemoPieces {
    private final Pieces pieces;

    DemoPieces(Pieces pieces) {
        this.pieces = pieces;
    }

    /** Codes of so many pieces of a type that may go and are not taken yet. */
    List<String> ready(String type, int count, List<PackingController.Scan> taken) {
        List<String> gone = taken.stream().map(PackingController.Scan::code).toList();
        return pieces.ofType(type).stream()
                .filter(p -> p.condition().mayGo() && !gone.contains(p.code()))
                .map(p -> p.code())
                .limit(count)
                .toList();
    }
}
