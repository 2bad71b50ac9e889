/** What can happen of each caution, and who sees to it, as its owner reads it. What to do now stands with the crew's words. Cautions by id. */
export const CAUTION_SAYS: Readonly<
  Record<string, { readonly canHappen: string; readonly doNow?: string; readonly who: string }>
> = {
  'keep-off': {
    canHappen: 'puede caerse sin aviso con gente encima',
    doNow:
      'No pisar. Barrera en la puerta hoy; mirar solo desde abajo; apuntalar antes de que alguien suba. Un constructor calificado del oficio lo evalúa otra vez.',
    who: 'todos en el lugar',
  },
  'gas-smell': { canHappen: 'explosión', who: 'compañía de gas, desde afuera' },
  'open-wall': {
    canHappen: 'entran agua y animales; puede quedar desnudo un montante que carga',
    who: 'nosotros',
  },
  'structural-decay': {
    canHappen: 'el piso o la pared de arriba puede ceder',
    doNow: 'Quitar cargas; apuntalar antes de cortar. Un ingeniero dice qué debe cargar.',
    who: 'ingeniero con licencia',
  },
  'wall-bowed': { canHappen: 'la pared puede ceder hacia adentro', who: 'ingeniero con licencia' },
  'wall-off-plumb': {
    canHappen: 'la pared puede seguir moviéndose',
    doNow: 'Un ingeniero la mira antes de elegir su reparación.',
    who: 'ingeniero con licencia',
  },
  structure: { canHappen: 'lo que carga puede ceder', who: 'ingeniero con licencia' },
  wiring: { canHappen: 'descarga o incendio', who: 'electricista con licencia' },
  lead: {
    canHappen: 'el polvo de plomo daña a niños y cuadrilla',
    doNow:
      'Trabajo con cuidado de plomo: contener antes de lavar o cortar, folleto entregado, registro hecho; o una prueba antes.',
    who: 'empresa certificada',
  },
  'pest-signs': {
    canHappen: 'la madera nueva también se come',
    doNow: 'Confirmar la actividad y tratar antes de cerrar madera; pedir papeles anteriores.',
    who: 'control de plagas con licencia',
  },
  'pest-active': { canHappen: 'la madera nueva también se come', who: 'control de plagas con licencia' },
  other: { canHappen: 'alguien puede lastimarse', who: 'nosotros' },
  'no-pressure-wash': {
    canHappen: 'la presión mete agua en los traslapes y las tablas se hinchan',
    doNow: 'Sin lavado a presión. A mano, con baja presión.',
    who: 'nosotros',
  },
  'floor-gives': {
    canHappen: 'el piso cede debajo de una persona o de algo pesado',
    doNow:
      'Quitar cargas de este piso, muebles y máquinas también; nadie se para ahí antes de apuntalar. Tapar toda abertura del piso y poner barrera.',
    who: 'todos en el lugar',
  },
  jacking: {
    canHappen: 'una carga levantada resbala o se rompe un tubo',
    doNow:
      'Levantar solo con una cuadrilla con experiencia: pasos chicos, calzas, una sola voz de mando, gas cerrado; nadie debajo de una carga levantada.',
    who: 'cuadrilla con experiencia',
  },
  'wall-pushed': {
    canHappen: 'la pared puede ceder hacia adentro',
    doNow:
      'Conviene un ingeniero; antes de todo trabajo desde 2 pulgadas de panza, un pie corrido o una grieta que crece. Gente y peso guardado fuera de donde caería.',
    who: 'ingeniero con licencia',
  },
  'old-steel': {
    canHappen: 'la pared se mueve al sacar el refuerzo viejo',
    doNow: 'Apuntalar la pared antes de sacar el acero viejo.',
    who: 'ingeniero con licencia',
  },
  tendons: {
    canHappen: 'un cable cortado se suelta con gran fuerza',
    doNow:
      'No taladrar, perforar, cortar ni picar el borde antes de ubicar los cables. Fuera de la línea de un cable.',
    who: 'especialista en losas o ingeniero',
  },
  'roof-soft': {
    canHappen: 'un pie atraviesa el techo',
    doNow: 'No pisar ahí. Mirar primero desde el ático.',
    who: 'techador',
  },
  'wall-open': {
    canHappen: 'entran agua y animales; puede quedar desnudo un montante que carga',
    doNow:
      'Cerrarla hoy contra el agua; buscar animales antes de cerrar; apuntalar antes de cortar un montante que carga.',
    who: 'nosotros',
  },
  'wires-loose': {
    canHappen: 'descarga o incendio',
    doNow: 'Cortar la luz y no tocar. Primero un electricista con licencia.',
    who: 'electricista con licencia',
  },
  'deck-load': {
    canHappen: 'la terraza se viene abajo con el peso',
    doNow: 'Un ingeniero lo calcula antes de que se ponga allí. Si ya está: no subir, y retirarlo.',
    who: 'ingeniero con licencia',
  },
  'garage-door': {
    canHappen: 'la puerta cae, o se suelta su resorte',
    doNow: 'No mover la puerta; lejos del resorte y de donde caería. Técnico de puertas.',
    who: 'técnico de puertas',
  },
  'guard-gaps': {
    canHappen: 'un niño se cuela o queda atrapado',
    doNow:
      'Peligro para niños: los huecos dejan pasar una bola de 4 pulgadas. Niños lejos hasta que se cierre.',
    who: 'todos en el lugar',
  },
  droppings: {
    canHappen: 'el polvo de excrementos enferma',
    doNow:
      'No barrer en seco: mojar, mascarilla y guantes; mucho es para un especialista. No encerrar animales.',
    who: 'control de plagas',
  },
  bees: {
    canHappen: 'vuelven y perforan otra vez',
    doNow: 'Tratarlas antes de llenar los agujeros, o vuelven.',
    who: 'control de plagas',
  },
  'stored-goods': {
    canHappen: 'insectos y humedad entran sin verse',
    doNow: 'Separar lo guardado, la leña y el mantillo 18 pulgadas de la pared.',
    who: 'dueño',
  },
}

/** What is promised, by warranty class. */
export const WARRANTY_SAYS: Readonly<Record<string, string>> = {
  A: '2 a 5 años de mano de obra, con la causa resuelta y el cuidado anotado',
  B: '2 a 3 años de mano de obra, con la causa resuelta',
  C: '1 año de mano de obra, con lectura seca anotada',
  D: 'ninguna o hasta 90 días, como se diga',
  E: '2 a 5 años contra descascarado en paredes, 1 año en caras planas',
  F: '1 a 2 años, sin incluir movimiento',
  G: 'solo mano de obra; que vuelva queda excluido, porque la causa no está resuelta',
  H: '1 a 5 años contra más hundimiento donde se levantó, con el drenaje mantenido; no que quede derecho, ni acabados ni puertas',
  I: 'por el fabricante, 10 a 25 años una vez registrada, con la carta del ingeniero; suele ir con la casa',
  J: '1 a 3 años de mano de obra; lámina y bomba por sus fabricantes, drenaje y secador funcionando',
  K: '1 a 2 años de mano de obra, sin agregar cargas y mantenido limpio',
  none: 'ninguna',
}

/** What may be found, with its unit, by id. */
export const FIND_SAYS: Readonly<Record<string, string>> = {
  sheathing: 'Madera detrás del revestimiento (entablado), un tablero de 4 × 8 pies',
  stud: 'Un montante de la pared, uno al lado del blando',
  'sub-fascia': 'Tabla detrás del borde del techo (subfascia), cuatro pies',
  'rafter-tail': 'Una punta de cabio, una al lado de la blanda',
  'roof-deck': 'Madera debajo de las tejas, un tablero de 4 × 8 pies',
  'sole-plate': 'Madera al pie de la pared (solera), cuatro pies',
  rim: 'Viga de borde del piso (rim), cuatro pies',
  subfloor: 'Madera debajo del piso (contrapiso), un tablero de 4 × 8 pies',
  joist: 'Una vigueta del piso, una al lado de la blanda',
  'deck-joist': 'Una vigueta de la terraza, una al lado de la blanda',
  'deck-footing': 'Una zapata debajo de un poste de la terraza',
}
