// Puts the faces that PDFs are set in where fontconfig finds them; the page bundles its own. Type setters for print
// read plain OpenType, so each WOFF file (W3C, WOFF File Format 1.0) is unwrapped.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { inflateSync } from 'node:zlib'

const families = ['source-serif-4', 'atkinson-hyperlegible-next', 'la-belle-aurore', 'homemade-apple']

function unwrapped(woff) {
  const count = woff.readUInt16BE(12)
  const tables = []
  for (let index = 0; index < count; index++) {
    const at = 44 + 20 * index
    const [offset, packed, length] = [4, 8, 12].map((by) => woff.readUInt32BE(at + by))
    const bytes = woff.subarray(offset, offset + packed)
    tables.push({ tag: woff.subarray(at, at + 4), checksum: woff.readUInt32BE(at + 16), bytes: packed < length ? inflateSync(bytes) : bytes })
  }
  const power = 2 ** Math.floor(Math.log2(count))
  const head = Buffer.alloc(12 + 16 * count)
  woff.copy(head, 0, 4, 8)
  head.writeUInt16BE(count, 4)
  head.writeUInt16BE(16 * power, 6)
  head.writeUInt16BE(Math.log2(power), 8)
  head.writeUInt16BE(16 * (count - power), 10)
  const parts = [head]
  let offset = head.length
  tables.forEach(({ tag, checksum, bytes }, index) => {
    const at = 12 + 16 * index
    tag.copy(head, at)
    head.writeUInt32BE(checksum, at + 4)
    head.writeUInt32BE(offset, at + 8)
    head.writeUInt32BE(bytes.length, at + 12)
    const padding = Buffer.alloc((4 - (bytes.length % 4)) % 4)
    parts.push(bytes, padding)
    offset += bytes.length + padding.length
  })
  return Buffer.concat(parts)
}

rmSync('public/fonts', { recursive: true, force: true })
mkdirSync('public/fonts', { recursive: true })
for (const family of families) {
  const folder = `node_modules/@fontsource/${family}/files`
  for (const file of readdirSync(folder)) {
    if (/-(400|600)-(normal|italic)\.woff$/.test(file)) {
      writeFileSync(`public/fonts/${file.replace(/woff$/, 'ttf')}`, unwrapped(readFileSync(`${folder}/${file}`)))
    }
  }
}
