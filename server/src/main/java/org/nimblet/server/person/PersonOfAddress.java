package org.nimblet.server.person;

import java.util.UUID;
import org.nimblet.server.client.ClientFile;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

/** An address names a client, and what a controller is given is the person as they are now. */
@Component
class PersonOfAddress implements Converter<String, Person> {

  static {
    SpringDocUtils.getConfig().replaceWithClass(Person.class, UUID.class);
  }

  private final Converter<String, ClientFile> files;
  private final People people;

  PersonOfAddress(Converter<String, ClientFile> files, People people) {
    this.files = files;
    this.people = people;
  }

  @Override
  public Person convert(String identifier) {
    return people.of(files.convert(identifier));
  }
}
