package org.nimblet.server.platform;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/**
 * A row whose identifier is made before it is saved: it is new until it was saved or read, so that
 * a new one is written without a look whether it is there.
 */
@MappedSuperclass
public abstract class NewRow implements Persistable<UUID> {

  @Transient private boolean saved;

  @Override
  public boolean isNew() {
    return !saved;
  }

  @PostLoad
  @PostPersist
  void nowSaved() {
    saved = true;
  }
}
