package wideharbor.app.media;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.core.media.MediaDay;
import wideharbor.core.sheet.MediaSheet;

/** What a job's day records, as the core works it out. */
@Service
class MediaService {
    private final JobStore store;

    MediaService(JobStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    MediaViews.Media media(String job, MediaDay.Tried tried) {
        return new MediaViews.Media(MediaSheet.of(store.load(job).job(), tried).map(MediaViews.MediaPlan::of));
    }

    @Transactional(readOnly = true)
    String title(String job) {
        return store.load(job).job().title();
    }
}
