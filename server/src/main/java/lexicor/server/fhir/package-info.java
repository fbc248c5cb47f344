/** A case as an HL7 FHIR R4 document, and the checking of one, with no network. */
package lexicor.server.fhir;
