package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.quantity.Words;
import wideharbor.core.sheet.SignalSheet;
import wideharbor.core.signal.ConnectOrder;

/** Who sees what, where the look is put on, sound, time, and the order of plugging. */
final class SignalPages {
    private SignalPages() {}

    static Page signal(RigAnalysis analysis) {
        SignalSheet sheet = SignalSheet.of(analysis);
        List<Block> blocks = new ArrayList<>();
        viewers(sheet).onto(blocks);
        switches(sheet).onto(blocks);
        sound(sheet, blocks);
        orders(sheet, blocks);
        return new Page(SheetKind.SIGNAL, SheetKind.SIGNAL.title(), Book.of(analysis), blocks);
    }

    static Tables viewers(SignalSheet sheet) {
        Tables table = Tables.of("Who sees it")
                .words("who", 3)
                .words("on", 4)
                .words("by", 8)
                .words("look put on", 4)
                .words("turned", 1);
        for (SignalSheet.SeatRow s : sheet.seats()) {
            table.row(
                    s.viewer().who(),
                    s.reached() ? s.display() : "nothing yet: " + s.whyNot(),
                    String.join(", ", s.way()),
                    s.looks().isEmpty() ? "nowhere" : String.join(", ", s.looks()),
                    s.quarterTurns() == 0 ? "no" : s.quarterTurns() * 90 + "°");
        }
        return table;
    }

    static Tables switches(SignalSheet sheet) {
        Tables table = Tables.of("Looks and turns to be set")
                .words("box", 5)
                .words("socket", 4)
                .words("look", 2)
                .words("turn", 2);
        for (SignalSheet.SwitchRow s : sheet.switches()) {
            table.row(
                    s.box(),
                    s.socket(),
                    s.lookKey().isEmpty() ? "has none" : s.look() ? "on" : "off",
                    s.turnKey().isEmpty() ? "has none" : s.quarterTurns() * 90 + "°");
        }
        return table;
    }

    static void sound(SignalSheet sheet, List<Block> blocks) {
        Tables sound = Tables.of("Sound")
                .words("from", 4)
                .figures("channels", 1)
                .words("into", 5)
                .words("phantom power", 2)
                .words("safety track", 3);
        for (SignalSheet.SoundRow s : sheet.sound()) {
            sound.row(
                    s.source(),
                    String.valueOf(s.channels()),
                    s.into().isEmpty() ? "nothing" : s.into() + (s.full() ? "" : ", takes " + s.takes()),
                    s.phantom() ? s.powered() ? "given" : "wanted, not given" : "not wanted",
                    s.safetyDb() == 0 ? "none" : s.safetyDb() + " dB lower");
        }
        sound.onto(blocks);
        Tables time = Tables.of("Time").words("into", 5).words("from", 5).figures("own cells", 2);
        sheet.time()
                .forEach(t -> time.row(
                        t.into(),
                        t.from().isEmpty() ? "nothing" : t.from(),
                        t.ownCellHours() > 0 ? Words.hours(t.ownCellHours()) : ""));
        time.onto(blocks);
    }

    private static void numbered(String what, List<String> steps, List<String> lines) {
        for (int i = 0; i < steps.size(); i++) {
            lines.add(what + " " + (i + 1) + ": " + steps.get(i));
        }
    }

    static void orders(SignalSheet sheet, List<Block> blocks) {
        for (ConnectOrder order : sheet.orders()) {
            List<String> lines = new ArrayList<>();
            numbered("On", order.on(), lines);
            numbered("Off", order.off(), lines);
            lines.add("So says: " + order.source() + ".");
            blocks.add(new Block.Lines("Power cycle of " + order.body(), lines));
        }
    }
}
