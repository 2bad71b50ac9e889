/** What a method does, in a line of a crew's sheet. */
export const METHOD_WORK: Readonly<Record<string, string>> = {
  'piece-in': 'se corta lo blando y se injerta madera nueva, imprimada por todas las caras',
  'replace-member': 'la pieza entera nueva, imprimada por todas las caras',
  'replace-course': 'tablas enteras hasta los montantes, cortes imprimados',
  'head-flashing':
    'metal metido detrás de la barrera, extremos doblados hacia arriba, holgura de arriba abierta',
  're-seal': 'sellador viejo fuera, junta nueva; las juntas que drenan se dejan abiertas',
  'prime-and-paint': 'raspar, imprimar lo desnudo, dos manos hasta el próximo corte',
  'paint-side': 'lavar a mano, raspar, imprimar lo desnudo, dos manos',
  'coat-new-side': 'tabla nueva imprimada: limpiar, retocar cortes y juntas, dos manos',
  'sash-bench': 'hoja fuera, su travesaño o larguero injertado y endurecido, de vuelta y que corra',
  'pane-new': 'vidrio roto fuera, vidrio nuevo asentado y con masilla',
  'storm-off-on': 'contraventana numerada, guardada bajo techo, de vuelta con sus drenes abiertos',
  'storm-new': 'contraventana hecha a medida y colgada, drenes abiertos',
  'window-new': 'unidad fuera, abertura revisada y con bandeja, unidad nueva con tapajuntas y cerrada',
  'head-flashing-kept': 'metal metido sobre la moldura sana, detrás de la barrera, extremos hacia arriba',
  'door-slab': 'hoja nueva ajustada al marco que hay, imprimada por todos los cantos',
  'door-ease':
    'cepillar donde roza, sellar el corte, ajustar bisagras y cerradero; rozará otra vez si el marco sigue moviéndose',
  'door-whole':
    'puerta, marco y umbral fuera; apoyo nuevo debajo, bandeja, unidad colgada, siding y moldura cerrados',
  'storm-door': 'puerta exterior colgada, drenes abiertos',
  'shutter-off-on': 'postigos fuera, numerados, de vuelta en sus ganchos',
  'shutter-off': 'postigos y ganchos fuera, agujeros rellenos e imprimados',
  'shutter-new': 'un par nuevo separado de la pared para que seque por detrás',
  'wall-vent': 'rejilla de igual o mayor área libre, con malla, unida a la barrera',
  'panel-sheet': 'hojas enteras hasta montantes y junta horizontal, tapajuntas en esa junta',
  'panel-strip': 'pie blando cortado a nivel, tapajuntas bajo el panel, franja de 16 in colgada debajo',
  'shingle-spot':
    'tejuelas sueltas fuera y dentro, traslapes respetados, clavos inoxidables, cantos sellados',
  'stucco-patch': 'cortar 6 in en lo sano, papel en teja, malla traslapada 2 in, tres capas, borde adherido',
  'brick-point':
    'juntas abiertas vaciadas y rejuntadas con mortero no más duro que el viejo, drenes abiertos',
  'brick-replace': 'ladrillos rotos fuera, iguales puestos, drenes abiertos',
  'chase-face':
    'revestimiento fuera, armazón y entablado reparados, barrera, tapajuntas escalonado y contratapajuntas, moldura y revestimiento',
  're-clad-side':
    'revestimiento viejo fuera, pared revisada y fotografiada, barrera y tapajuntas de abajo arriba, esquinas y tabla nueva, cada corte imprimado',
  'shingle-side':
    'revestimiento viejo fuera, pared revisada, barrera y tapajuntas de abajo arriba, tejuelas con clavos inoxidables',
  're-sheathe-side':
    'entablado por hojas sobre la pared abierta, cantos con respaldo, clavos a 6 y 12 in, antes de la barrera',
  'fascia-with-metal':
    'canaleta fuera, fascia blanda cortada hasta las colas, tabla imprimada nueva, goterón encima, canaleta de vuelta con caída',
  'fascia-with-strip':
    'canaleta fuera, fascia blanda cortada hasta las colas, tabla imprimada nueva, listón 1 × 2 bajo el metal, canaleta de vuelta con caída',
  'fascia-overlay': 'tabla delgada imprimada sobre fascia plana, sana y seca; juntas lejos de las viejas',
  'rafter-tail-sister': 'refuerzo de 6 ft junto a la cola, más allá de lo blando, punta blanda cortada',
  'rafter-tail-new': 'punta a la vista cortada en la pared y otra igual empalmada',
  'soffit-panel': 'paneles a los travesaños y clavaderas, ventilación guardada o puesta',
  'roof-deck-sheet':
    'tejas levantadas, entablado blando cortado a los cabrios, hoja del mismo grueso, tejas entretejidas',
  'porch-column': 'techo del porche apuntalado, columna fuera, nueva sobre base que drena, a plomo y fijada',
  'porch-beam-new':
    'techo apuntalado por ambos lados, viga vieja fuera, otra igual de fuerte sobre las columnas, fijada, forrada e imprimada',
  'column-base': 'techo apuntalado, pie blando cortado a escuadra, base que drena debajo',
  'screen-new': 'malla rota fuera, malla nueva tensada',
  'gutter-guard': 'protector sobre canaleta limpia para que no entren hojas',
  'ledger-renew':
    'viguetas apuntaladas sobre viga arriostrada, tablas arriba, ledger viejo fuera por tramos, pared reparada, membrana, ledger nuevo con pernos al borde sano, tapajuntas con topes, colgadores y amarres, tablas de vuelta',
  'ledger-flash': 'ledger sano con pernos al borde sano, tapajuntas con topes, amarres laterales',
  'deck-joist-sister': 'vigueta tratada junto a la vieja en todo su largo, sobre los mismos apoyos',
  'deck-joist-new': 'tablas arriba, vigueta vieja fuera, una tratada colgada en ambos extremos',
  'connector-new':
    'el conector aprobado donde falta, es el equivocado o está oxidado, cada agujero con su clavo o tornillo',
  'hanger-new': 'colgador aprobado en cada extremo que no tiene, cada agujero con su clavo',
  'deck-beam-new':
    'viguetas apuntaladas sobre línea arriostrada, viga vieja fuera, otra armada sobre los postes, cabezales fijados',
  'deck-post-new':
    'viga apuntalada, poste viejo fuera, uno tratado sobre base separada del concreto, cabezal fijado',
  'deck-footing': 'hoyo hasta la helada o suelo firme, colado, tamaño por carga y suelo',
  'guard-new':
    'postes con pernos a través del armazón, pasamanos y balaustres sin paso para una bola de 4 in',
  'stair-flight': 'zancas con contrahuellas iguales, peldaños, descanso, unida al armazón, pasamanos',
  'stringer-new': 'peldaños fuera, zanca cortada como su par, sobre pie seco, peldaños de vuelta',
  'deck-nailer': 'clavadera tratada de 2 ft junto a la vigueta donde acaba una tabla',
  'deck-take-down': 'terraza desmontada y retirada, pared cerrada donde estaba sujeta',
  'deck-rebuild':
    'terraza vieja fuera, zapatas por carga, postes, viga, ledger con tapajuntas y pernos, viguetas colgadas, tablas, baranda y escalera según la regla de hoy',
  'sheathing-new':
    'entablado blando cortado al centro de los montantes, cada canto con respaldo, mismo grueso, barrera unida, cerrado el mismo día',
  'stud-sister':
    'montante junto al viejo, altura completa o 24 in más allá de lo blando, clavado en dos filas',
  'stud-new': 'piso de arriba sobre pared provisional, montante fuera, uno entero dentro',
  'sole-plate-new':
    'pared sostenida, solera cortada 6 in más allá de lo blando hasta montantes, una tratada, amarrada',
  'header-new':
    'piso o techo sobre pared provisional, dintel fuera, otro igual de fuerte sobre montantes de apoyo enteros',
  'rim-new':
    'viguetas sostenidas, borde cortado 24 in más allá de lo blando hasta viguetas, bloques, barrera y tapajuntas encima',
  'mudsill-new':
    'pared liberada con gatos, durmiente cortado 12 in más allá de lo blando, uno tratado sobre corte capilar, anclado en ambos extremos',
  'joist-sister':
    'vigueta del mismo peralte al lado, 3 ft más allá de lo blando por lo menos, apoyada donde apoya la vieja',
  'joist-new': 'piso sostenido al lado, vigueta fuera, otra del mismo peralte con apoyo completo',
  'girder-line': 'viga nueva sobre postes y dados bajo las viguetas: corrige la luz, no la pudrición',
  'girder-new':
    'piso sobre líneas en ambos lados, viga fuera de poste a poste, capas con juntas sobre los postes',
  'post-pad-new':
    'dado permanente colado aparte del apoyo viejo, carga en línea de puntales, poste a plomo, fijado arriba y abajo',
  'floor-lift':
    'levantar un octavo de pulgada cada vez para aliviar un apoyo, no para nivelar; pueden salir grietas',
  'subfloor-new':
    'cubierta fuera, capas cortadas al centro de viguetas más allá de lo blando, cantos con bloques, mismo grueso pegado y atornillado',
  'planks-relaid': 'tablas buenas levantadas, numeradas, puestas otra vez sobre el piso reparado',
  'toilet-off-on': 'inodoro fuera, brida revisada, sello nuevo, inodoro de vuelta',
  'dry-first': 'secadores puestos, lecturas hasta que la madera pueda cerrarse',
  'insulation-new': 'aislante mojado fuera, nuevo colgado cuando la madera está seca y la causa curada',
  'crawl-clear': 'escombro, aislante viejo y madera sobre la tierra fuera',
  'crawl-cover': 'cubierta de 6 mil sobre la tierra, traslapes de 12 in sellados, subida por muros y pilares',
  'crawl-liner':
    'membrana sellada sobre tierra, muros y pilares; cerrada solo con secado, sin aparato de llama abierta y con franja para termitas',
  'crawl-vent': 'respiradero abierto, con malla, área libre como antes o más',
  'crawl-vent-cut': 'respiradero cortado en el muro de bloque, por área o por un rincón sin aire',
  'leader-buried': 'agua de una bajante bajo tierra hasta la salida, con registro',
  'drain-trench': 'zanja más baja que el piso, tubo en piedra y tela, hasta la salida o un foso',
  sump: 'foso en lo más bajo, bomba, válvula y descarga lejos',
  'slab-edge-patch': 'concreto suelto quitado a mano y cepillo, acero desnudo cubierto, borde rehecho y seco',
  'tendon-end': 'hueco limpiado a mano y cepillo, relleno, cubierto y seco; ni taladro ni sierra cerca',
  'crack-injection': 'grieta quieta de hasta 8 ft llenada por puertos; se abre otra vez si el muro se mueve',
  'wall-strap': 'flejes pegados del durmiente al piso: detienen, no enderezan',
  'wall-brace': 'acero del piso a las viguetas, apoyado en ambos extremos: detiene, no endereza',
  'wall-anchor': 'placas unidas por barras a tierra firme, tensadas y vueltas a tensar',
  'anchor-extension': 'barra llevada más allá del pavimento que se queda, su alargue anotado',
  'driven-pier':
    'pilotes hincados hasta lo firme, unidos a la zapata: el hundimiento para, no se promete levantar',
  'home-pier-reset': 'pilar enderezado, rearmado y calzado firme bajo el riel',
  'home-pier-new':
    'casa levantada, base mala excavada, dado y pilar nuevos bajo cada riel, cada 8 ft más o menos',
  'skirting-off-on': 'faldón fuera para el trabajo y de vuelta, ventilado',
  'skirting-new': 'faldón doblado cambiado, ventilado, separado del suelo',
  'tie-strap': 'flejes flojos tensados, oxidados cambiados en sus anclas',
  'pad-rebuilt':
    'casa retirada, plataforma nivelada y rehecha, casa puesta sobre pilares nuevos, faldón, amarres y servicios fuera y de vuelta',
  'fill-hole': 'agujero de abejas, pernos o herraje viejo en madera sana relleno, imprimado y pintado',
  consolidate: 'secado, endurecido y relleno donde no carga, con la causa curada y la palabra del dueño',
  're-fasten': 'flojo pero sano: clavado o atornillado a lo que sujeta, cabezas asentadas y selladas',
  'stop-gap': 'cerrado con membrana o lona y listones hasta repararlo; sin garantía, con su fecha',
  'mildew-wash': 'lavado a mano con baja presión y limpiador que lo mata; vuelve donde sigue húmedo',
  'pest-close': 'después del tratamiento: galerías abiertas hasta lo sano, cerradas, con malla, pintadas',
  'deck-coat': 'limpiar a mano, secar, lijar donde se levanta, una mano que deja secar',
  'door-coat': 'lijar, imprimar lo desnudo, dos manos en cara y cantos',
  'window-coat': 'cubrir, lijar, imprimar lo desnudo, dos manos',
  'wash-side': 'lavar a mano con baja presión, moho matado',
  'stain-side': 'lavar, secar, dos manos de tinte que las tejuelas absorban',
  'trim-side': 'molduras raspadas, lo desnudo imprimado, dos manos hasta el próximo corte',
  'gutter-clean': 'canaleta limpia y enjuagada, una salida más para que alcance',
  'gutter-seal': 'canaleta limpia y seca donde gotea, sellada de nuevo',
  'gutter-re-hang': 'canaleta bajada y colgada otra vez con caída a su salida',
  'gutter-new': 'canaleta con caída y bajante, agua llevada lejos del muro',
  'gutter-end-flashed': 'extremo cortado una pulgada antes de la pared, tapajuntas detrás',
  'leader-clear': 'salida y bajante limpias, juntas armadas',
  'leader-away': 'agua de la bajante llevada 4 ft o más del muro',
  'drip-edge': 'metal bajo la primera teja en todo el tramo, su borde separado de la madera',
  'roof-clear': 'escombro y la rama que lo trae fuera, tejas levantadas acomodadas',
  'step-flashing': 'piezas nuevas entretejidas con las tejas, la barrera encima',
  'kick-out': 'un desvío echa el agua a la canaleta; siding abierto debajo y cerrado',
  'chase-cover': 'tapa de metal inclinada con bordes doblados sobre el cajón',
  'pipe-collar': 'collar nuevo entretejido con las tejas',
  'unit-pan': 'ventana fuera, bandeja que drena hacia afuera, ventana de vuelta',
  'door-pan': 'puerta fuera, bandeja bajo su umbral, puerta de vuelta',
  'butt-gaps': 'puntas cortadas a la holgura que piden, clavadas otra vez, imprimadas',
  'band-flashing': 'metal sobre la banda, detrás de la barrera, borde del frente libre',
  'penetration-flashing': 'bloque y tapajuntas donde un tubo o lámpara pasa la pared',
  'weep-screed': 'pie del estuco cortado y perfil que deja salir el agua',
  'barrier-renewed': 'siding fuera sobre el lugar, barrera nueva y unida, tablas sanas de vuelta',
  'drained-gap': 'siding fuera, listones sobre la barrera para que drene y seque, tablas de vuelta',
  'shake-backing': 'tejuelas flojas clavadas con clavo anillado inoxidable donde el respaldo es firme',
  sprinkler: 'cabeza girada o movida para que no moje la pared',
  'drain-and-sump':
    'drenaje más bajo que el piso en la pared mojada, foso con bomba, agua a la salida nombrada',
  regrade:
    'tierra con caída hacia afuera: 6 in en los primeros 10 ft donde hay lugar (manda el código local)',
  'paving-joint': 'junta entre pavimento y muro limpia, rellena para que escurra, y llevada afuera',
  'stone-strip': 'franja de piedra lavada junto al muro para que no salpique',
  'clear-soil': 'tierra y mantillo fuera hasta que se vean 6 in de cimiento',
  'clear-plants': 'plantas cortadas lejos del muro, 18 in libres',
  'stand-off': 'madera levantada de la obra sobre una base, o membrana entre las dos',
  'pipe-out': 'tubo llevado 6 ft del muro',
  'ground-cover': 'suelo bajo el piso cubierto, traslapes sellados, bordes subidos',
  'wrap-line': 'tubería forrada para que no sude',
  'vent-out': 'ducto llevado afuera, encintado y colgado, con tapa que cierra',
  'attic-seal': 'agujeros del cielo sellados desde arriba, extractores afuera, ventilación pareja',
  watch: 'nada; se mira otra vez en una fecha',
  refer: 'nada nuestro; primero va un oficio con licencia o un ingeniero',
  'own-work': 'como se describe',
}
