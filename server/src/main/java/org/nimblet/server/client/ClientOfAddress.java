package org.nimblet.server.client;

import java.util.UUID;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

/**
 * An address names a client, and what a controller is given is the file, not an identifier that
 * could be taken for another. It opens only to those who may see it.
 */
@Component
class ClientOfAddress implements Converter<String, ClientFile> {

  static {
    SpringDocUtils.getConfig().replaceWithClass(ClientFile.class, UUID.class);
  }

  private final ClientFiles clients;

  ClientOfAddress(ClientFiles clients) {
    this.clients = clients;
  }

  @Override
  public ClientFile convert(String identifier) {
    return clients.require(UUID.fromString(identifier));
  }
}
