// Every text of the pages, with those of the parts that each is made of; printed by ./regimen words.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { parse } from 'svelte/compiler';

const root = join(import.meta.dirname, 'js');
const SAID = new Set([
    'label',
    'heading',
    'title',
    'hint',
    'placeholder',
    'words',
    'aria-label',
    'alt',
    'text',
    'empty',
]);

const filesIn = (folder) =>
    readdirSync(folder).flatMap((name) => {
        const path = join(folder, name);
        return statSync(path).isDirectory() ? filesIn(path) : path.endsWith('.svelte') ? [path] : [];
    });

const isSaid = (text) => /\p{L}{2}/u.test(text) && !/^[\w-]+(\/|\.)[\w-]+/.test(text);

/** Texts, strings that are said under a condition, and attributes that are read. */
function texts(node, found, inAttribute = false) {
    if (node === null || typeof node !== 'object') {
        return;
    }
    if (Array.isArray(node)) {
        node.forEach((one) => texts(one, found, inAttribute));
        return;
    }
    if (node.type === 'Attribute') {
        if (SAID.has(node.name)) {
            texts(node.value, found, true);
        }
        return;
    }
    if (['StyleSheet', 'OnDirective', 'BindDirective', 'ClassDirective', 'StyleDirective'].includes(node.type)) {
        return;
    }
    if (node.type === 'Text') {
        found.push(node.data);
    } else if (node.type === 'Literal' && typeof node.value === 'string' && (inAttribute || / /.test(node.value))) {
        found.push(node.value);
    } else if (node.type === 'TemplateLiteral') {
        found.push(node.quasis.map((one) => one.value.cooked).join('…'));
    }
    Object.entries(node)
        .filter(([key]) => !['start', 'end', 'loc', 'parent'].includes(key))
        .forEach(([, value]) => texts(value, found, inAttribute));
}

function partsOf(path, source, seen = new Set()) {
    for (const [, name] of source.matchAll(/from '([^']+\.svelte)'/g)) {
        const part = name.startsWith('@/') ? join(root, name.slice(2)) : join(dirname(path), name);
        if (existsSync(part) && !seen.has(part)) {
            seen.add(part);
            partsOf(part, readFileSync(part, 'utf8'), seen);
        }
    }
    return seen;
}

function said(path) {
    const found = [];
    const tree = parse(readFileSync(path, 'utf8'), { modern: true });
    texts(tree.fragment, found);
    texts(tree.instance?.content ?? null, found);
    return [...new Set(found.map((text) => text.replace(/\s+/g, ' ').trim()).filter(isSaid))];
}

const printed = new Set();
for (const page of filesIn(join(root, 'pages'))) {
    console.log(`\n# ${relative(join(root, 'pages'), page).replace('.svelte', '')}`);
    console.log(said(page).join('\n'));
    for (const part of partsOf(page, readFileSync(page, 'utf8'))) {
        if (!printed.has(part)) {
            printed.add(part);
            const lines = said(part);
            if (lines.length > 0) {
                console.log(`\n## ${relative(root, part).replace('.svelte', '')}\n${lines.join('\n')}`);
            }
        }
    }
}
