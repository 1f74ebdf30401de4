// Renders docs/guide into pages that the server gives out with the app, at /guide with or without a
// slash after it.
import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { marked } from 'marked'

const page = (title, body) => `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><base href="/guide/"><meta name="viewport" content="width=device-width"><title>${title} · Ivory Abacus</title><link rel="icon" type="image/svg+xml" href="/icon.svg"><link rel="stylesheet" href="guide.css"></head>
<body><nav><a href="index.html">The guide</a> <a href="style.html">Fields</a> <a href="checks.html">Checks</a> <a href="/">To the desk</a></nav><main>${body}</main></body>
</html>
`
/** Headings can be linked to, as they can where the Markdown is read. */
const withAnchors = (html) =>
  html.replace(
    /<h([12])>([^<]*)<\/h\1>/g,
    (_, level, text) =>
      `<h${level} id="${text
        .toLowerCase()
        .replace(/[^\w ]+/g, '')
        .replaceAll(' ', '-')}">${text}</h${level}>`,
  )

/** Writes public/guide anew: a page for each file, with its pictures. */
export function renderGuide(root) {
  const [from, pictures, to] = [
    join(root, 'docs/guide'),
    join(root, 'docs/screenshots'),
    join(root, 'public/guide'),
  ]
  rmSync(to, { recursive: true, force: true })
  mkdirSync(join(to, 'pictures'), { recursive: true })
  for (const name of readdirSync(pictures))
    copyFileSync(join(pictures, name), join(to, 'pictures', name))
  copyFileSync(join(from, 'guide.css'), join(to, 'guide.css'))
  for (const weight of [400, 600])
    copyFileSync(
      join(
        root,
        `node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-${weight}-normal.woff2`,
      ),
      join(to, `typeface-${weight}.woff2`),
    )
  for (const name of readdirSync(from).filter((one) => one.endsWith('.md'))) {
    const text = readFileSync(join(from, name), 'utf8')
    const html = marked
      .parse(text)
      .replaceAll('../screenshots/', 'pictures/')
      .replace(/href="([\w-]+)\.md(#[\w-]+)?"/g, 'href="$1.html$2"')
      .replaceAll('README.html', 'index.html')
    writeFileSync(
      join(to, name === 'README.md' ? 'index.html' : name.replace('.md', '.html')),
      page(/^# (.*)$/m.exec(text)?.[1] ?? 'The guide', withAnchors(html)),
    )
  }
}
