package wideharbor.app.notes;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface NoteRows extends JpaRepository<NoteRow, String> {
    /** Open notes of things whose ids are among these, whatever kind of thing: the caller looks at that. */
    @Query("select n from NoteRow n where n.settled = '' and n.about in ?1 order by n.at desc, n.id")
    List<NoteRow> open(Collection<String> ids, Limit limit);

    /** What has this text, or is about one of these types. */
    @Query("select n from NoteRow n where (?3 = true or n.settled = '') and (n.words like concat('%', ?1, '%') "
            + "or n.about like concat('%', ?1, '%') or (n.of = wideharbor.core.note.About$Of.TYPE and n.about in ?2))")
    Page<NoteRow> search(String text, Collection<String> types, boolean settledToo, Pageable page);
}
