import { useQuery } from '@tanstack/vue-query';
import { answer, api } from '@/api/client';
import { asItCame } from './shopQuery';

/** A part of the schema of the workbook: what of it a form needs. */
export interface SchemaPart {
  enum?: string[];
  type?: string | string[];
  items?: SchemaPart;
  properties?: Record<string, SchemaPart>;
  $ref?: string;
}

/** The schema of the workbook: every closed list stands there, and nowhere on the page. */
export function useWorkbookSchema() {
  const query = useQuery({
    ...asItCame,
    queryKey: ['schema'],
    staleTime: Infinity,
    queryFn: async () =>
      (await answer(api.GET('/workbook.schema.json'))) as unknown as { $defs: Record<string, SchemaPart> },
  });
  const resolved = (part: SchemaPart | undefined): SchemaPart =>
    part?.$ref ? resolved(query.data.value?.$defs[part.$ref.slice('#/$defs/'.length)]) : (part ?? {});
  return {
    /** One of its definitions, references followed. */
    part: (name: string) => resolved(query.data.value?.$defs[name]),
    resolved,
  };
}
