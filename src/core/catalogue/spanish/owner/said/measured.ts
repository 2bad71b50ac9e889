import type { Pair } from '../pair'

/** What was measured. */
export const MEASURED: readonly Pair[] = [
  [
    'Along the {side} wall one line of the siding falls {a} in {b}.',
    'A lo largo de la pared ({side}) una línea del revestimiento cae {a} en {b}.',
  ],
  ['It went down by another {a#} since {day#}.', 'Bajó otros {a} desde el {day}.'],
  [
    'One of its points went down by another {a#} since {day#}.',
    'Uno de sus puntos bajó otros {a} desde el {day}.',
  ],
  ['The {floor} falls {a#} to the {to}.', 'El piso ({floor}) cae {a} hacia: {to}.'],
  ['The {floor} falls {a#} to {to}.', 'El piso ({floor}) cae {a} hacia: {to}.'],
  ['The {floor} is bent by {a#}.', 'El piso ({floor}) está doblado {a}.'],
  ['The {side} wall bellies in {a#}.', 'La pared ({side}) tiene una panza de {a} hacia adentro.'],
  ['The {side} wall leans in {a#} at its top.', 'La pared ({side}) se inclina {a} hacia adentro arriba.'],
  ['The {side} wall leans out {a#} at its top.', 'La pared ({side}) se inclina {a} hacia afuera arriba.'],
  [
    'The foot of the {side} wall has slid in {a#}.',
    'El pie de la pared ({side}) se corrió {a} hacia adentro.',
  ],
  [
    'A crack there is {a#} wide at one end and {b#} at the other.',
    'Una grieta ahí mide {a} en una punta y {b} en la otra.',
  ],
  ['It opened by {a#} in {n#} days.', 'Se abrió {a} en {n} días.'],
  ['It did not open in {n#} days.', 'No se abrió en {n} días.'],
  [
    'The ground at the {side} wall falls towards the house.',
    'El suelo junto a la pared ({side}) cae hacia la casa.',
  ],
  [
    'The ground at the {side} wall falls away less than the rule for new houses asks.',
    'El suelo junto a la pared ({side}) cae menos de lo que pide la regla para casas nuevas.',
  ],
  [
    'The downspouts at the {side} carry less water than the roof above sends them.',
    'Los bajantes ({side}) llevan menos agua de la que les manda el techo.',
  ],
  [
    'The gutter at the {side} is smaller than the table asks for the roof above it.',
    'La canaleta ({side}) es más chica de lo que pide la tabla para el techo de arriba.',
  ],
  [
    'The {space} has {a#} square inches of free vents; the rule for new houses asks {b#}.',
    'Ventilación libre ({space}): {a} pulgadas cuadradas; la regla para casas nuevas pide {b}.',
  ],
  [
    'The air ({space}) is so damp that wood in it comes to {n#} percent moisture.',
    'El aire ({space}) es tan húmedo que la madera llega a {n} por ciento de humedad.',
  ],
  [
    'Surfaces ({space}) are colder than the air’s dew point and sweat.',
    'Las superficies ({space}) están más frías que el punto de rocío y sudan.',
  ],
  [
    'The joists of the {floor} span further than the table for new floors allows.',
    'Las viguetas ({floor}) tienen más luz de la que permite la tabla para pisos nuevos.',
  ],
  [
    'Joists of the {floor} are cut deeper than the rule allows.',
    'Hay viguetas ({floor}) cortadas más hondo de lo que permite la regla.',
  ],
  ['Under the {rail} the home lies {a#} out of level.', 'Debajo de {rail} la casa está {a} fuera de nivel.'],
  [
    'Supports of the floor that do not stand as they should: {a#} of {b#}.',
    'Apoyos del piso que no están como deben: {a} de {b}.',
  ],
  [
    'Pieces of the floor’s frame that are not sound: {a#} of {b#} looked at.',
    'Piezas de la estructura del piso que no están sanas: {a} de {b} vistas.',
  ],
  [
    '{a#} of {b#} piers lean, are loose or have sunk.',
    '{a} de {b} apoyos están inclinados, flojos o hundidos.',
  ],
  [
    'Outside today’s tables and rules for a new deck: {sizes}.',
    'Fuera de las tablas y reglas de hoy para una terraza nueva: {sizes}.',
  ],
  ['how far the joists reach', 'hasta dónde llegan las viguetas'],
  ['how far the beam reaches between its posts', 'cuánto mide la viga entre sus postes'],
  ['how high the posts are', 'la altura de los postes'],
  ['how far apart the bolts at the house stand', 'la distancia entre los pernos junto a la casa'],
  ['how high the guard is', 'la altura de la baranda'],
  ['how wide the openings in the guard are', 'el ancho de las aberturas de la baranda'],
  ['It may have been lawful when built.', 'Pudo ser legal cuando se hizo.'],
  // As bids that are out say it.
  [
    'One size of the deck lies outside today’s table; it may have been lawful when built.',
    'Una medida de la terraza está fuera de la tabla de hoy; pudo ser legal cuando se hizo.',
  ],
  [
    'One size of the deck lie outside today’s table; they may have been lawful when built.',
    'Una medida de la terraza está fuera de la tabla de hoy; pudo ser legal cuando se hizo.',
  ],
  [
    '{n#} sizes of the deck lie outside today’s table; they may have been lawful when built.',
    '{n} medidas de la terraza están fuera de la tabla de hoy; pudieron ser legales cuando se hizo.',
  ],
  ['Together: it is going down.', 'En conjunto: se está hundiendo.'],
  ['Together: the soil pushes the wall in.', 'En conjunto: la tierra empuja la pared hacia adentro.'],
  [
    'Together: it is going down and the soil pushes it in.',
    'En conjunto: se está hundiendo y la tierra la empuja hacia adentro.',
  ],
  ['Together: the ground lifts it.', 'En conjunto: el suelo la levanta.'],
  ['Together: the roof pushes the wall out.', 'En conjunto: el techo empuja la pared hacia afuera.'],
  ['Together: rusting steel lifts it.', 'En conjunto: el acero que se oxida la levanta.'],
  ['Together: it tilted as one body.', 'En conjunto: se inclinó como un solo cuerpo.'],
  ['Together: it was built so, or nearly.', 'En conjunto: se construyó así, o casi.'],
  [
    'This alone does not say whether it moves; a second reading after a season would.',
    'Esto solo no dice si se mueve; una segunda lectura después de una temporada sí.',
  ],
]

/** Change orders. */
export const CHANGES: readonly Pair[] = [
  ['Change order {n#} to bid {m#}', 'Cambio {n} a la oferta {m}'],
  ['Change order', 'Cambio'],
  ['It is not done until you say yes.', 'No se hace hasta que usted diga que sí.'],
  [
    'It is within the {sum#} up to which, as agreed in the bid, we go on without waiting.',
    'Está dentro de los {sum} hasta los cuales, como se acordó en la oferta, seguimos sin esperar.',
  ],
  ['Tell us today if you do not want it.', 'Díganos hoy si no lo quiere.'],
  ['The end of the work moves from {a#} to {b#}.', 'El fin del trabajo pasa del {a} al {b}.'],
  ['The work still ends on {a#}.', 'El trabajo sigue terminando el {a}.'],
  ['It takes about {days} more.', 'Lleva {days} más.'],
  ['It takes about {days} less.', 'Lleva {days} menos.'],
  ['a quarter of a working day', 'un cuarto de día'],
  ['half a working day', 'medio día'],
  ['three quarters of a working day', 'tres cuartos de día'],
  ['{n} working day', '{n} día de trabajo'],
  ['{n} working days', '{n} días de trabajo'],
  ['one and one quarter', 'uno y un cuarto'],
  ['one and half', 'uno y medio'],
  ['one and three quarters', 'uno y tres cuartos'],
  ['{n} and one quarter', '{n} y un cuarto'],
  ['{n} and half', '{n} y medio'],
  ['{n} and three quarters', '{n} y tres cuartos'],
  ['It changes nothing in the days.', 'No cambia nada en los días.'],
  ['For tonight: {~what}', 'Para esta noche: {what}'],
  [
    'What was measured in your bid from outside is settled by its unit, both ways.',
    'Lo que en su oferta se midió desde afuera se ajusta por unidad, en los dos sentidos.',
  ],
  ['It is not new damage.', 'No es daño nuevo.'],
  ['Nothing else of the bid changes.', 'Nada más de la oferta cambia.'],
  ['Yes, do it (name, date):', 'Sí, háganlo (nombre, fecha):'],
  ['What changes', 'Qué cambia'],
  ['This change', 'Este cambio'],
  ['Where and how reckoned', 'Dónde y cómo se calcula'],
  ['Days', 'Días'],
  ['What is agreed with it', 'Lo acordado con esto'],
  ['Agreed with it', 'Acordado con esto'],
  ['Bid {n#}, as accepted', 'Oferta {n}, como se aceptó'],
  ['Changes agreed before', 'Cambios acordados antes'],
  ['What was found', 'Lo que se halló'],
  ['Your word', 'Su palabra'],
  ['The firm', 'La empresa'],
]
