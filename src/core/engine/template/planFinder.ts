import type { TemplatePlan } from './templatePlan';
import type { PlanDraft } from './planDraft';
export type Known = Omit<TemplatePlan, 'findings'>;

export type Finder = (t: Known) => (PlanDraft | null | false | undefined)[];
