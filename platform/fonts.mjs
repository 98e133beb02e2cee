// Puts the fonts that PDFs are set in where fontconfig finds them; the page bundles its own.
import { cpSync, mkdirSync, readdirSync } from 'node:fs'

const families = ['source-serif-4', 'atkinson-hyperlegible-next']
mkdirSync('public/fonts', { recursive: true })
for (const family of families) {
  const folder = `node_modules/@fontsource/${family}/files`
  for (const file of readdirSync(folder)) {
    if (/-(400|600)-(normal|italic)\.woff2$/.test(file)) cpSync(`${folder}/${file}`, `public/fonts/${file}`)
  }
}
