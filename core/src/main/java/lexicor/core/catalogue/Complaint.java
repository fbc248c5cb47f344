package lexicor.core.catalogue;

import java.util.List;

/** What the patient comes with, and the conditions that are its usual candidates. */
public record Complaint(String id, String name, List<String> regions, List<String> candidates) {}
