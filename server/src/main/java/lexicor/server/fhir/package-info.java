/** A case as an HL7 FHIR R4 document. */
package lexicor.server.fhir;
