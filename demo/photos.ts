import sharp from 'sharp'

/** A drawn picture of a made-up thing: a window corner with soft wood. No place, no person. */
export function drawnPhoto(of: {
  caption: string
  tint: string
  damage: 'sill' | 'fascia' | 'ledger' | 'corner'
}): Promise<Buffer> {
  const courses = Array.from(
    { length: 12 },
    (_, i) => `<rect x="0" y="${i * 52}" width="800" height="50" fill="${of.tint}" stroke="#b99a6b"/>`,
  )
  const soft = {
    sill: '<rect x="120" y="410" width="560" height="46" fill="#f4efe4" stroke="#555"/><path d="M150 456 q40 -34 90 -10 t110 6 l0 4 z" fill="#5a3a22"/>',
    fascia:
      '<rect x="0" y="120" width="800" height="90" fill="#efe9db" stroke="#555"/><path d="M60 210 q120 -70 260 -20 t240 20 z" fill="#5a3a22"/>',
    ledger:
      '<rect x="0" y="300" width="800" height="110" fill="#8a7b63" stroke="#333"/><rect x="0" y="290" width="800" height="12" fill="#222"/><circle cx="160" cy="350" r="6" fill="#333"/><circle cx="480" cy="350" r="6" fill="#333"/>',
    corner:
      '<rect x="600" y="0" width="90" height="600" fill="#f4efe4" stroke="#555"/><path d="M600 470 q40 -50 90 -10 l0 140 l-90 0 z" fill="#5a3a22"/>',
  }[of.damage]
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"><rect width="800" height="600" fill="#ddd"/>${courses.join('')}${soft}<text x="20" y="585" font-family="sans-serif" font-size="22" fill="#17232b">drawn for the demo: ${of.caption}</text></svg>`
  return sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer()
}
