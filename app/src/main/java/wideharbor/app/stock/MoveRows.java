package wideharbor.app.stock;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MoveRows extends JpaRepository<MoveRow, Long> {
    /** In the order in which they were made. */
    @Query("select m from MoveRow m where m.job = ?1 order by m.seq")
    List<MoveRow> of(String job);

    @Query("select m.id from MoveRow m where m.id in ?1")
    List<String> known(Collection<String> ids);

    /** The last move of each of these pieces. */
    @Query("select m from MoveRow m where m.seq in (select max(l.seq) from MoveRow l where l.piece in ?1 "
            + "group by l.piece)")
    List<MoveRow> lastOf(Collection<String> pieces);

    @Query("select m from MoveRow m where m.piece = ?1 order by m.seq desc")
    List<MoveRow> ofPiece(String piece, Limit limit);

    String WENT_WRONG =
            "m.kind in (wideharbor.core.dispatch.Move$Kind.DAMAGED, wideharbor.core.dispatch.Move$Kind.MISSING)";

    @Query("select m from MoveRow m where " + WENT_WRONG + " order by m.seq desc")
    Page<MoveRow> incidents(Pageable page);

    @Query("select m from MoveRow m where " + WENT_WRONG + " and m.type in ?1 and m.job <> ?2 order by m.seq desc")
    List<MoveRow> incidentsOf(Collection<String> types, String but, Limit limit);
}
