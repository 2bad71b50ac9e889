import { chapterOf, CHAPTERS, HANDBOOK_SAYS, type ChapterId, type Section } from './handbookChapters'

const sectionLines = (section: Section): string[] => [
  `## ${section.name}`,
  '',
  ...section.entries.flatMap((entry) => [
    `### ${entry.name}`,
    '',
    ...(entry.says ? [entry.says, ''] : []),
    ...entry.rows.map((row) => `- **${row.name}**: ${row.words}`),
    ...(entry.rows.length > 0 ? [''] : []),
  ]),
]

/** The handbook as a page of Markdown, for `docs/`. */
export function handbookText(): string {
  return [
    '# Handbook',
    '',
    `Made from the rows that the stages read: \`npm run -s core -- handbook > docs/handbook.md\`. ${HANDBOOK_SAYS}`,
    '',
    ...(Object.keys(CHAPTERS) as ChapterId[]).flatMap(chapterOf).flatMap(sectionLines),
  ].join('\n')
}
