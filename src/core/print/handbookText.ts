import { handbook } from '../trace/handbook'
import { cautionEntries, clauseEntries, guardEntries, methodEntries, partEntries } from './rowsInWords'

/** The handbook as a page of Markdown, for `docs/`. */
export function handbookText(): string {
  const { families, pairs, checks } = handbook()
  const entries = (list: ReturnType<typeof methodEntries>): string[] =>
    list.flatMap((entry) => [
      `### ${entry.name}`,
      '',
      ...(entry.says ? [entry.says, ''] : []),
      ...entry.rows.map((row) => `- **${row.name}**: ${row.words}`),
      '',
    ])
  const lines = [
    '# Handbook',
    '',
    'Made from the rows that the stages read: `npm run -s core -- handbook > docs/handbook.md`. Ratios, reach, hours and lives are our judgement unless an entry says otherwise; a firm may change ratios in its settings. Local code and licensed practice prevail.',
    '',
    ...families.flatMap((family) => [
      `## ${family.name}`,
      '',
      ...family.causes.flatMap((cause) => [
        `### ${cause.name}`,
        '',
        cause.mechanism,
        '',
        ...cause.rows.map((row) => `- **${row.name}**: ${row.words}`),
        '',
      ]),
    ]),
    '## Methods',
    '',
    ...entries(methodEntries()),
    '## Parts',
    '',
    ...entries(partEntries()),
    '## Cautions',
    '',
    ...entries(cautionEntries()),
    '## Clauses of a bid',
    '',
    ...entries(clauseEntries()),
    '## Mistakes easily made',
    '',
    ...entries(guardEntries()),
    '## Look-alikes, and the one check',
    '',
    ...pairs.map((pair) => `${pair.number}. **${pair.looks}**: ${pair.between}. *${pair.check}.*`),
    '',
    '## Checks',
    '',
    ...checks.map((check) => `- **${check.name}**: ${check.words}`),
    '',
  ]
  return lines.join('\n')
}
