package ablemedic.speciality;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;

/**
 * A sort of complaint that opens a work-up.
 *
 * @param id     stable name in kebab case
 * @param label  what the owner says
 * @param seen   what is asked at intake
 * @param proof  the check that ends the proof
 */
public record Complaint(String id, String label, Check<Craft> seen, Check<Craft> proof) {}
