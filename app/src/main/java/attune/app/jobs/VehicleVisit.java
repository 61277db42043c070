package attune.app.jobs;

import java.time.LocalDateTime;
import java.util.UUID;

/** That a vehicle was here, or will be: a job without its document. */
public record VehicleVisit(UUID job, UUID vehicle, JobState state, LocalDateTime startAt) {}
