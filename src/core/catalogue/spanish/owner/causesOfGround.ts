import type { CauseSaid } from './pair'

/** The same of the ground, of pests, of movement and of earlier work. */
export const LATER_CAUSES: Readonly<Record<string, CauseSaid>> = {
  'grade-slopes-in': [
    'El suelo cae hacia la casa',
    'El pie de la pared sigue mojado.',
    'Nivelar la tierra hacia afuera: 6 pulgadas en los primeros 10 pies (rige el código local)',
  ],
  'paving-dam': [
    'El pavimento retiene agua contra la pared',
    'Queda en agua después de cada lluvia.',
    'Cortar la losa o sellar y desaguar la junta',
  ],
  'splash-back': [
    'Salpicadura del suelo',
    'Mojado otra vez con cada lluvia; cuente con la mitad de la vida.',
    'Canaleta arriba, o piedra en lugar de suelo duro',
  ],
  'soil-on-wood': [
    'Tierra o mantillo contra la madera',
    'Se pudre otra vez donde está tapado; cuente con 3 a 5 años.',
    'Bajar la tierra a 6 pulgadas debajo del revestimiento',
  ],
  'water-table': [
    'Agua subterránea alta, charcos debajo de la casa',
    'Los pies nuevos quedan otra vez en agua.',
    'Drenaje y bomba hasta una salida definida',
  ],
  'no-capillary-break': [
    'Nada entre el concreto y la madera',
    'El pie nuevo bebe como el viejo.',
    'Membrana o una base separadora debajo de la madera',
  ],
  'equipment-discharge': [
    'Una máquina desagua junto a la pared',
    'Mojado toda la temporada en que funciona.',
    'Llevar el tubo a 6 pies',
  ],
  'plumbing-leak': [
    'Fuga de agua o de desagüe',
    'Se pudre otra vez mientras gotee.',
    'Un plomero con licencia arregla la fuga',
  ],
  'pan-or-tub-joint': [
    'Gotea el plato de ducha o la junta de la bañera',
    'Mojado otra vez con cada baño.',
    'Volver a sellar o cambiar el plato',
  ],
  'sweating-line': ['Tubo o conducto frío que suda', 'Gotea otra vez el próximo verano.', 'Forrar el tubo'],
  'crawl-vapour': [
    'Vapor del suelo en el sótano bajo',
    'La madera nueva toma la misma humedad; cuente con 5 a 10 años.',
    'Cubrir el suelo, traslapes sellados, y aire',
  ],
  'vent-into-cavity': [
    'Un extractor sopla en una cavidad o en el ático',
    'Moho y pudrición otra vez cada invierno.',
    'Conducto hacia afuera, encintado y colgado',
  ],
  'attic-air-leak': [
    'El aire de la casa entra al ático y condensa',
    'La madera nueva del techo se ennegrece otra vez.',
    'Sellar el techo interior, llevar afuera los extractores, equilibrar las ventilaciones',
  ],
  'roof-leak-down': [
    'Gotera del techo que baja por dentro',
    'La pared se moja otra vez después de la lluvia.',
    'Encontrar y arreglar primero el techo',
  ],
  'water-along-subfloor': [
    'El agua corre por debajo del piso',
    'Mojado otra vez desde el mismo lugar.',
    'Arreglar la fuga de más arriba, abrir y secar el camino',
  ],
  'wall-floor-joint': [
    'Entra agua donde se juntan pared y piso',
    'Mojado otra vez con la próxima lluvia sobre esa pared.',
    'Encontrar por dónde entra en esa pared, cerrarlo y poner tapajuntas',
  ],
  'room-air-on-cold': [
    'El aire de la habitación condensa en vidrio o mampostería fría',
    'Mojado otra vez en cada noche fría.',
    'Bajar la humedad de las habitaciones: extractor hacia afuera, aire, un segundo vidrio',
  ],
  'damp-through-wall': [
    'La humedad de una habitación atraviesa la pared',
    'La pintura nueva se levanta otra vez.',
    'Extractor hacia afuera y la pared cerrada a la humedad de adentro',
  ],
  'wet-between-layers': [
    'Agua retenida entre capas del piso',
    'La madera nueva de abajo toma la misma agua.',
    'Sacar las dos capas en la zona mojada; secar y rehacer',
  ],
  'subterranean-termites': [
    'Termitas subterráneas',
    'Se la comen otra vez mientras vivan.',
    'Primero control de plagas con licencia',
  ],
  'drywood-termites': [
    'Termitas de madera seca',
    'Se la comen otra vez mientras vivan.',
    'Primero control de plagas con licencia',
  ],
  'dampwood-termites': [
    'Termitas de madera húmeda',
    'Vuelven mientras siga mojado.',
    'Secar la madera, quitar la tierra; control de plagas confirma',
  ],
  'carpenter-ants': [
    'Hormigas carpinteras',
    'El nido queda, y la humedad que las atrajo.',
    'Primero control de plagas con licencia',
  ],
  'carpenter-bees': [
    'Abejas carpinteras',
    'Perforan otra vez en primavera.',
    'Tapar y pintar después de tratar',
  ],
  'wood-beetles': [
    'Escarabajos de la madera',
    'Sigue mientras la madera esté húmeda.',
    'Secar el sótano bajo; confirmar la actividad antes de tratar',
  ],
  animals: ['Animales', 'Vuelven.', 'Cerrar la entrada con malla, fuera de la época de cría'],
  woodpecker: [
    'Pájaro carpintero',
    'Picotea otra vez mientras haya larvas.',
    'Parchar; ocuparse de las larvas de adentro',
  ],
  plants: [
    'Crecen plantas en el revestimiento',
    'Tapado otra vez en dos años.',
    'Quitar las plantas y dejar libres 18 pulgadas',
  ],
  'mildew-growth': [
    'Moho en la cara',
    'Crece a través de la pintura nueva.',
    'Lavar a mano con limpiador de moho',
  ],
  settlement: [
    'Se hunde una zapata o un apoyo',
    'La grieta parchada se abre otra vez.',
    'Un ingeniero dice qué necesita',
  ],
  heave: [
    'El suelo se levanta: arcilla, helada o una fuga',
    'Se mueve otra vez la próxima temporada.',
    'Un ingeniero dice qué necesita',
  ],
  'lateral-pressure': [
    'La tierra empuja la pared hacia adentro',
    'La pared se sigue moviendo hacia adentro; recalzarla no la sostendría.',
    'Un ingeniero dice qué necesita',
  ],
  'roof-thrust': [
    'Los cabios empujan las paredes hacia afuera',
    'El techo se sigue abriendo.',
    'Un ingeniero dice qué necesita',
  ],
  'pier-displaced': [
    'Apoyo corrido o que no carga',
    'El piso sigue flojo.',
    'Volver a poner el apoyo sobre una zapata; apuntalar antes',
  ],
  'support-washed-out': [
    'El agua se llevó la tierra de debajo de un apoyo',
    'La base nueva se socava como la vieja.',
    'Llevar el agua lejos, luego una base nueva',
  ],
  'pad-unlevel': [
    'Base nunca nivelada o compactada',
    'Con cuñas nuevas, baja otra vez.',
    'Bases nuevas sobre suelo firme; nivelar otra vez',
  ],
  'over-spanned': [
    'Luz demasiado grande o pieza demasiado chica',
    'Se sigue pandeando.',
    'Un ingeniero dice qué necesita',
  ],
  'over-notched': [
    'Armazón cortado demasiado hondo',
    'La pieza cortada se sigue pandeando.',
    'Un ingeniero dice qué necesita',
  ],
  'home-made-support': [
    'Apoyo improvisado',
    'Se hunde, y el piso con él.',
    'Un apoyo sobre zapata, fijado arriba; apuntalar antes',
  ],
  'embedded-steel': [
    'Se oxida el acero dentro de concreto o ladrillo',
    'El óxido sigue debajo del parche.',
    'Un ingeniero dice qué necesita',
  ],
  'connector-missing': [
    'Conector ausente, equivocado u oxidado',
    'La unión puede soltarse sin aviso.',
    'El conector correcto, todos los agujeros llenos; no pisar hasta entonces',
  ],
  'beam-not-on-posts': [
    'Viga colgada de los lados de sus postes',
    'La viga puede resbalar por sus postes sin aviso.',
    'La viga puesta sobre sus postes y sujeta; no pisar hasta entonces',
  ],
  'ties-slack': [
    'Amarres flojos o fuera de sus anclas',
    'El viento puede mover la casa sobre sus apoyos.',
    'Los amarres tensados o renovados en sus anclas',
  ],
  'ledger-attachment': [
    'Viga de la terraza mal sujeta a la casa',
    'Una terraza puede soltarse de la pared sin aviso.',
    'No pisar; apuntalar y luego fijar otra vez o rehacer',
  ],
  'cripple-unbraced': [
    'Pared baja sin arriostrar',
    'El próximo sismo la mueve más.',
    'Un ingeniero dice qué necesita',
  ],
  'tree-on-clay': [
    'Un árbol seca la arcilla',
    'Las grietas se abren otra vez el próximo verano seco.',
    'Un ingeniero dice qué necesita',
  ],
  'fill-or-organics': [
    'Relleno o materia enterrada debajo de la zapata',
    'Se sigue hundiendo.',
    'Un ingeniero dice qué necesita',
  ],
  'frame-shrinkage': [
    'El armazón se encoge junto al ladrillo',
    'Se detiene solo cuando está seco.',
    'Dar luz a la junta en los antepechos, tapajuntas nuevos',
  ],
  'point-load': [
    'Carga puntual sin camino',
    'El piso se sigue aplastando.',
    'Un ingeniero dice qué necesita',
  ],
  'bearing-decayed': [
    'Apoyo podrido',
    'Se pudre otra vez por la misma agua.',
    'Encontrar primero el agua; apuntalar y renovar el apoyo',
  ],
  'deck-overload': [
    'Carga mojada o pesada sobre la terraza',
    'La terraza puede ceder debajo de ella.',
    'No pisar; quitar la carga; un ingeniero antes de que vuelva',
  ],
  'support-line-failed': [
    'Falló la línea de apoyos debajo del piso',
    'El piso se sigue hundiendo entre las paredes.',
    'Una línea de viga por el medio sobre apoyos nuevos; apuntalar antes',
  ],
  'movement-renewed': [
    'Se movió otra vez desde que se rellenó',
    'Rellenarla otra vez tapa lo que hace.',
    'Marcarla, fecharla, medir otra vez; un ingeniero donde crezca',
  ],
  'roof-deck-weak': [
    'Madera del techo podrida o delgada para su luz',
    'Una cubierta nueva se pandea con ella.',
    'Mirar desde el ático y renovar los tableros pandeados',
  ],
  'overhead-door-loose': [
    'Puerta de garaje suelta en su riel',
    'Puede caerse.',
    'Técnico de puertas; nadie mueve la puerta hasta entonces',
  ],
  struck: ['Golpeado por algo', 'No trae más que la abolladura.', 'Renovar o enderezar lo golpeado'],
  'guard-openings': [
    'Huecos de la baranda demasiado anchos',
    'Queda un peligro para los niños.',
    'Balaustres agregados o a menos de 4 pulgadas',
  ],
  'guard-unsupported': [
    'Baranda sin postes que la sostengan',
    'Cede cuando alguien se apoya.',
    'Una baranda sobre postes estructurales; no pisar hasta entonces',
  ],
  'cosmetic-repair': [
    'Arreglo cosmético sobre madera que se pudre',
    'El relleno sobre madera blanda se abre otra vez en 1 a 3 años.',
    'Sacar el relleno y toda la madera blanda de atrás',
  ],
  'wrong-method': [
    'Método o material equivocado',
    'Falla otra vez igual de rápido.',
    'Renovarlo con el material correcto y el detalle usual',
  ],
  'partial-repair': [
    'Reparación anterior a medias',
    'La parte que quedó sigue.',
    'Hacer el resto igual, primero el origen',
  ],
  'stucco-mix': [
    'Mezcla o espesor del estuco',
    'Se agrieta otra vez; no hace daño mientras no entre agua.',
    'Parche con malla y borde de desagüe donde está suelto; si no, sellar y vigilar',
  ],
  'fasteners-wrong': [
    'Clavos equivocados, cortos u oxidados',
    'La tabla nueva se suelta como la vieja.',
    'Clavar otra vez con los clavos correctos al armazón; renovar lo roto',
  ],
  'services-loose': ['Cables abiertos o sueltos', 'Descarga o incendio.', 'Electricista con licencia'],
}
