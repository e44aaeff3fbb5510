package wideharbor.app.stock;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import wideharbor.core.stock.Piece;

interface PieceRows extends JpaRepository<PieceRow, String> {
    /** What is searched for in code, serial, home and owner's name; a type among these; empty: any. */
    @Query("""
            select p from PieceRow p where (:state is null or p.condition = :state)
              and (:text = '' or p.type in :types or p.code like concat('%', :text, '%')
                or p.serial like concat('%', :text, '%') or p.home like concat('%', :text, '%')
                or p.from like concat('%', :text, '%'))
            """)
    Page<PieceRow> search(String text, Collection<String> types, Optional<Piece.Condition> state, Pageable page);

    @Query("select distinct p.type from PieceRow p where p.type in ?1")
    List<String> typesWithPieces(Collection<String> types);

    /** How many pieces of each type may go. */
    @Query("select p.type as type, count(p) as pieces from PieceRow p "
            + "where p.condition in (wideharbor.core.stock.Piece.Condition.READY, "
            + "wideharbor.core.stock.Piece.Condition.TRIAL) group by p.type")
    List<Counted> mayGo();

    /** Of a type. */
    interface Counted {
        String getType();

        long getPieces();
    }

    @Query("select p from PieceRow p where p.type = ?1 order by p.code")
    List<PieceRow> ofType(String type);

    @Query("select p from PieceRow p where p.code in ?1")
    List<PieceRow> of(Collection<String> codes);
}
