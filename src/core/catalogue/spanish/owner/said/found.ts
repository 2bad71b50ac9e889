import type { Pair } from '../pair'

/** How far gone a part is: each fills `{grade}` of a sentence, so that a part of several words is told from it. */
const GRADES: readonly Pair[] = [
  ['is sound', 'sano'],
  ['is worn at the surface and hard underneath', 'superficie gastada, madera firme debajo'],
  ['is soft', 'madera blanda'],
  ['is soft deep into the wood', 'madera blanda hasta muy adentro'],
  ['has rotted away', 'podrido del todo'],
  ['is worn at the surface', 'superficie gastada'],
  ['is damaged', 'dañado'],
  ['is badly damaged', 'muy dañado'],
  ['has failed', 'falló'],
  ['shows damage', 'se ve dañado'],
]
const graded = (rows: readonly Pair[]): Pair[] =>
  rows.flatMap(([english, spanish]) =>
    english.includes('{grade}')
      ? GRADES.map(([is, es]): Pair => [english.replace('{grade}', is), spanish.replace('{grade}', es)])
      : [[english, spanish] as const],
  )

/** What was found, and how far gone it is. */
const ROWS: readonly Pair[] = [
  ['We found nothing that needs work.', 'No encontramos nada que necesite trabajo.'],
  ['We found one damaged spot.', 'Encontramos un punto dañado.'],
  ['We found {n} damaged spots.', 'Encontramos {n} puntos dañados.'],
  [
    'We found {n} damaged spots, most of them {where}.',
    'Encontramos {n} puntos dañados, la mayoría {where}.',
  ],
  ['What let the water in is not known yet.', 'Aún no se sabe por dónde entró el agua.'],
  ['One cause stands behind {x}; this bid mends it.', 'Detrás hay una causa; esta oferta la resuelve.'],
  [
    'One cause stands behind {x}; this bid mends none of them.',
    'Detrás hay una causa; esta oferta no la resuelve.',
  ],
  [
    '{n} causes stand behind {x}; this bid mends all of them.',
    'Detrás hay {n} causas; esta oferta las resuelve todas.',
  ],
  [
    '{n} causes stand behind {x}; this bid mends none of them.',
    'Detrás hay {n} causas; esta oferta no resuelve ninguna.',
  ],
  ['{n} causes stand behind {x}; this bid mends one.', 'Detrás hay {n} causas; esta oferta resuelve una.'],
  ['{n} causes stand behind {x}; this bid mends {m}.', 'Detrás hay {n} causas; esta oferta resuelve {m}.'],
  [
    'At {n} of them we can say why: one cause, and this bid mends it.',
    'En {n} de ellos podemos decir por qué: una causa, y esta oferta la resuelve.',
  ],
  [
    'At {n} of them we can say why: one cause, and this bid does not mend it.',
    'En {n} de ellos podemos decir por qué: una causa, y esta oferta no la resuelve.',
  ],
  [
    'At {n} of them we can say why: {m} causes, and this bid mends none of these.',
    'En {n} de ellos podemos decir por qué: {m} causas, y esta oferta no resuelve ninguna.',
  ],
  [
    'At {n} of them we can say why: {m} causes, and this bid mends all {k}.',
    'En {n} de ellos podemos decir por qué: {m} causas, y esta oferta resuelve las {k}.',
  ],
  [
    'At {n} of them we can say why: {m} causes, and this bid mends both.',
    'En {n} de ellos podemos decir por qué: {m} causas, y esta oferta resuelve ambas.',
  ],
  [
    'At {n} of them we can say why: {m} causes, and this bid mends one.',
    'En {n} de ellos podemos decir por qué: {m} causas, y esta oferta resuelve una.',
  ],
  [
    'At {n} of them we can say why: {m} causes, and this bid mends {k}.',
    'En {n} de ellos podemos decir por qué: {m} causas, y esta oferta resuelve {k}.',
  ],
  ['it', 'eso'],
  ['them', 'ellos'],
  ['The {part} {grade}.', '{part^}: {grade}.'],
  ['The {part} {grade} over {size}.', '{part^}: {grade}, {size}.'],
  ['At {n} places the {part} {grade}.', 'En {n} lugares, {part}: {grade}.'],
  [
    'At {n} places the {part} {grade}, at the worst {worst}.',
    'En {n} lugares, {part}: {grade}; en lo peor, {worst}.',
  ],
  ['At {n} places the {part} {grade} over {size}.', 'En {n} lugares, {part}: {grade}, {size}.'],
  [
    'At {n} places the {part} {grade}, at the worst {worst} over {size}.',
    'En {n} lugares, {part}: {grade}; en lo peor, {worst}; {size}.',
  ],
  ['Of the {part} some is missing.', '{part^}: falta una parte.'],
  ['Of the {part} some is missing over {size}.', '{part^}: falta una parte, {size}.'],
  ['Of the {part} {n} pieces are missing.', '{part^}: faltan {n} piezas.'],
  ['Of the {part} {n} pieces are missing over {size}.', '{part^}: faltan {n} piezas, {size}.'],
  [
    'The {part} has not been probed yet; from its look we expect it to be damaged.',
    '{part^}: aún no se ha sondeado; por su aspecto esperamos que esté dañado.',
  ],
  [
    'The {part} has not been probed yet; from its look we expect it to be damaged over {size}.',
    '{part^}: aún no se ha sondeado; por su aspecto esperamos daño, {size}.',
  ],
  [
    'At {n} places the {part} has not been probed yet; from the look of it we expect damage.',
    'En {n} lugares, {part}: aún no se ha sondeado; por su aspecto esperamos daño.',
  ],
  [
    'At {n} places the {part} has not been probed yet; from the look of it we expect damage over {size}.',
    'En {n} lugares, {part}: aún no se ha sondeado; por su aspecto esperamos daño, {size}.',
  ],
  [
    'The {part} shows signs of damage; it has not been probed yet.',
    '{part^}: muestra señales de daño y aún no se ha sondeado.',
  ],
  [
    'The {part} shows signs of damage over {size}; it has not been probed yet.',
    '{part^}: muestra señales de daño, {size}; aún no se ha sondeado.',
  ],
  [
    'At {n} places the {part} shows signs of damage; it has not been probed yet.',
    'En {n} lugares, {part}: muestra señales de daño y aún no se ha sondeado.',
  ],
  [
    'At {n} places the {part} shows signs of damage over {size}; it has not been probed yet.',
    'En {n} lugares, {part}: muestra señales de daño, {size}; aún no se ha sondeado.',
  ],
  [
    'Something was noted there that nobody has looked into yet.',
    'Se anotó algo allí que nadie ha examinado aún.',
  ],
  ['Signs of damage were noted there.', 'Allí se anotaron señales de daño.'],
  ['At {n} places signs of damage were noted.', 'En {n} lugares se anotaron señales de daño.'],
  [
    'At {n} places something was noted that nobody has looked into yet.',
    'En {n} lugares se anotó algo que nadie ha examinado aún.',
  ],
  // As bids said it that were sent before.
  [
    'The {part} could not be touched; from its look we expect it to be damaged.',
    '{part^}: no se pudo tocar; por su aspecto esperamos que esté dañado.',
  ],
  [
    'The {part} could not be touched; from its look we expect it to be damaged over {size}.',
    '{part^}: no se pudo tocar; por su aspecto esperamos daño, {size}.',
  ],
  [
    'At {n} places the {part} could not be touched; from the look of it we expect damage.',
    'En {n} lugares, {part}: no se pudo tocar; por su aspecto esperamos daño.',
  ],
  [
    'At {n} places the {part} could not be touched; from the look of it we expect damage over {size}.',
    'En {n} lugares, {part}: no se pudo tocar; por su aspecto esperamos daño, {size}.',
  ],
  ['worn', 'gastado'],
  ['soft', 'blando'],
  ['soft deep into the wood', 'blando hasta muy adentro'],
  ['rotted away', 'podrido del todo'],
  ['damaged', 'dañado'],
  ['badly damaged', 'muy dañado'],
  ['failed', 'fallado'],
]

export const FOUND: readonly Pair[] = graded(ROWS)
