package attune.app.author;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.MappedSuperclass;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/**
 * What somebody made. Whose session made it is kept by id beside any name that was told with it:
 * two people may share a tablet, and names change.
 */
@MappedSuperclass
@EntityListeners(AuditingEntityListener.class)
public abstract class Authored {
  @CreatedBy
  @Column(name = "made_by", updatable = false)
  private @Nullable UUID madeBy;

  /** The member; empty for what was made before there were any, or by Attune itself. */
  public Optional<UUID> madeBy() {
    return Optional.ofNullable(madeBy);
  }
}
