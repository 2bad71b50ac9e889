/** What must be there before work is begun. */
export const NEED_SAYS: Readonly<Record<string, string>> = {
  shoring: 'No se quita nada antes de que un apoyo provisional esté puesto y arriostrado.',
  permit: 'El código local dice si hace falta permiso e inspección.',
  engineer: 'Un ingeniero con licencia dice qué se construye, cuántos y dónde.',
  'system-maker': 'Número, lugar y carga los da el fabricante del sistema.',
  dry: 'Se empieza cuando una lectura de humedad dice que la madera está seca.',
  'pest-clear': 'Una empresa con licencia trató los insectos, o no encontró actividad.',
  specialist: 'Un especialista ubicó y liberó lo que no debe cortarse ni taladrarse.',
  'utility-off': 'La luz, el agua o el gas del lugar lo corta quien tiene licencia para eso.',
  'hazard-test': 'Las capas viejas se prueban por plomo y asbesto antes de romperlas.',
  'rain-free': 'Se hace con tiempo seco y con el calor que piden los productos.',
  'close-same-day': 'Lo que se abre se cierra contra el agua el mismo día.',
}

/** A caution's kind by name, and what to do now. Empty: whoever noted it says what to do. */
export const CAUTION_WORDS: Readonly<Record<string, { readonly name: string; readonly doNow: string }>> = {
  'keep-off': {
    name: 'No pisar',
    doNow: 'Barrera en la puerta hoy; mirar solo desde abajo; apuntalar antes de que alguien suba.',
  },
  gas: {
    name: 'Olor a gas',
    doNow: 'Salir. Sin llama ni interruptor. Llamar a la compañía de gas desde afuera.',
  },
  'open-wall': { name: 'Pared abierta', doNow: '' },
  engineer: {
    name: 'Carga peso y está en duda',
    doNow: 'Quitar cargas; apuntalar antes de cortar. Un ingeniero dice qué debe cargar.',
  },
  wiring: { name: 'Cables', doNow: 'No tocar. Va primero un electricista con licencia.' },
  pest: {
    name: 'Insectos que comen madera',
    doNow: 'Confirmar la actividad y tratar antes de cerrar madera nueva; pedir papeles anteriores.',
  },
  lead: {
    name: 'Pintura con plomo',
    doNow:
      'Trabajo con cuidado de plomo: contener antes de lavar o cortar, folleto entregado, registro hecho; o una prueba antes.',
  },
  'no-pressure-wash': {
    name: 'Sin lavado a presión',
    doNow: 'Sin lavado a presión. A mano, con baja presión.',
  },
  other: { name: 'Peligro', doNow: '' },
  'floor-gives': {
    name: 'Piso en duda',
    doNow:
      'Quitar cargas del piso, muebles y máquinas también; nadie se para ahí antes de apuntalar. Tapar toda abertura del piso y poner barrera.',
  },
  jacking: {
    name: 'Levantar con gatos',
    doNow:
      'Solo una cuadrilla con experiencia: pasos chicos, calzas, una sola voz de mando, gas cerrado; nadie debajo de una carga levantada.',
  },
  'wall-pushed': {
    name: 'Pared empujada hacia adentro',
    doNow:
      'Conviene un ingeniero; antes de todo trabajo si son 2 pulgadas o más, si el pie se corrió o si la grieta crece. Gente y peso fuera de donde caería.',
  },
  'old-steel': { name: 'Refuerzo viejo', doNow: 'Apuntalar la pared antes de quitar acero viejo.' },
  tendons: {
    name: 'Cables tensados en la losa',
    doNow:
      'No taladrar, cortar ni picar el borde antes de ubicar los cables. No pararse en la línea de un cable.',
  },
  'roof-soft': { name: 'Techo quizás blando', doNow: 'No pisar ahí. Mirar primero desde el ático.' },
  'wall-open': {
    name: 'Pared abierta',
    doNow:
      'Cerrar hoy contra el tiempo; buscar animales antes de cerrar; apuntalar antes de cortar un parante que carga.',
  },
  'wires-loose': {
    name: 'Cables abiertos o sueltos',
    doNow: 'Cortar la luz y no tocar. Va primero un electricista con licencia.',
  },
  'deck-load': {
    name: 'Peso que nadie calculó',
    doNow: 'Un ingeniero lo calcula antes de ponerlo. Si ya está: no subir, y retirarlo.',
  },
  'garage-door': {
    name: 'Puerta levadiza',
    doNow: 'No usar la puerta; lejos del resorte y de donde caería. Oficio de puertas.',
  },
  'guard-gaps': {
    name: 'Aberturas de la baranda',
    doNow: 'Peligro para niños: pasa una bola de 4 pulgadas. Niños lejos hasta que se cierre.',
  },
  droppings: {
    name: 'Excrementos',
    doNow: 'No barrer en seco: mojar, máscara y guantes; si es mucho, un especialista. No encerrar animales.',
  },
  bees: { name: 'Abejas en la madera', doNow: 'Tratarlas antes de tapar los agujeros, o vuelven.' },
  'stored-goods': {
    name: 'Cosas contra la pared',
    doNow: 'Dejar 18 pulgadas libres de cosas, leña y mantillo junto a la pared.',
  },
}
