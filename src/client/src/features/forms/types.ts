import type { Schemas } from "../../api/client";

export type FormDocument = Schemas["FormDocument"];
export type MoveDocument = Schemas["MoveDocument"];
export type EditDocument = Schemas["EditDocument"];
export type Readings = Schemas["ReadingsResponse"];
export type MoveReading = Schemas["MoveReading"];
export type SectionReading = Schemas["SectionReading"];
export type Finding = Schemas["FindingReading"];
export type Accepted = Schemas["AcceptedReading"];
export type FormResponse = Schemas["FormResponse"];

/** The form as written, with everything that is computed from it. */
export interface Written {
  form: FormDocument;
  readings: Readings;
}
