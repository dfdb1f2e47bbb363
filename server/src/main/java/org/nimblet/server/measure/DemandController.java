package org.nimblet.server.measure;

import jakarta.validation.Valid;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.DemandForms.DeviceDemandForm;
import org.nimblet.server.measure.DemandForms.DeviceDemandView;
import org.nimblet.server.measure.DemandForms.PieceDemandView;
import org.nimblet.server.measure.DemandForms.PieceForm;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a piece or a device asks of a client's fingers. Nothing is kept. */
@RestController
@RequestMapping("/api/clients/{clientId}/demand")
class DemandController {

  /** A piece as a file: a Standard MIDI File, or MusicXML. */
  @PostMapping(value = "/piece", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  PieceDemandView pieceDemand(
      @PathVariable("clientId") ClientFile client,
      @ParameterObject @Valid PieceForm form,
      @RequestBody byte[] file) {
    return new DemandViews(client.notation()).piece(file, form);
  }

  @PostMapping("/device")
  DeviceDemandView deviceDemand(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody DeviceDemandForm form) {
    return new DemandViews(client.notation()).device(form);
  }
}
