import { writeFileSync } from 'node:fs';
import { publishedDocuments } from '@lignum/core/formats/published';

/** Writes the published schemas and the knob tables of docs/ from the data that the program validates with. */
for (const [path, text] of publishedDocuments()) writeFileSync(new URL(`../docs/${path}`, import.meta.url), text);
