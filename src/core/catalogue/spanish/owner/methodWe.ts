/**
 * What is done by each method, as its owner reads it in Spanish; `{part}` is the part it is done to. Methods by id. The part stands in
 * brackets so that no adjective has to agree with it.
 */
export const METHOD_WE: Readonly<Record<string, string>> = {
  'piece-in':
    'Cortamos la parte blanda hasta la madera sana ({part}) y encajamos una pieza nueva, imprimada por todas sus caras.',
  'replace-member':
    'Quitamos la pieza entera ({part}) y ponemos una nueva, imprimada por todas sus caras antes de subirla.',
  'replace-course':
    'Quitamos las tablas blandas hasta los montantes, miramos la pared de atrás y entretejemos tablas nuevas con las puntas selladas.',
  'head-flashing':
    'Ponemos metal encima ({part}), metido detrás del papel de la pared y con las puntas dobladas hacia arriba, para que la lluvia corra por delante.',
  're-seal':
    'Cortamos el sellador viejo de las juntas ({part}) y las sellamos de nuevo, dejando abiertas las que dejan salir el agua.',
  'prime-and-paint':
    'Raspamos ({part}), imprimamos lo que está desnudo y pintamos dos manos hasta el próximo corte; no se corta nada.',
  'paint-side': 'Lavamos este lado a mano, raspamos e imprimamos lo que está desnudo y pintamos dos manos.',
  'coat-new-side': 'Pintamos dos manos el revestimiento nuevo de este lado.',
  'sash-bench':
    'Llevamos la hoja móvil de la ventana al taller, le encajamos madera nueva y la volvemos a poner de modo que corra.',
  'pane-new': 'Sacamos el vidrio roto y ponemos uno nuevo con masilla.',
  'storm-off-on':
    'Quitamos la contraventana, la numeramos, la guardamos en seco y la colgamos otra vez con sus desagües abiertos.',
  'storm-new': 'Mandamos hacer una contraventana a medida y la colgamos, con sus desagües abiertos.',
  'window-new':
    'Sacamos la ventana, miramos la pared alrededor, ponemos una bandeja de desagüe debajo de una nueva y cerramos la pared con metal nuevo encima.',
  'head-flashing-kept':
    'Dejamos la pieza donde está ({part}) y metemos metal encima, detrás del papel y con las puntas dobladas hacia arriba.',
  'door-slab': 'Ponemos una hoja de puerta nueva en el marco que hay, imprimada por todos sus cantos.',
  'door-ease':
    'Cepillamos la puerta donde roza, sellamos el corte y ajustamos bisagras y cerradura; vuelve a rozar si el marco se sigue moviendo.',
  'door-whole':
    'Sacamos puerta, marco y umbral, reparamos lo que los sostiene, ponemos una bandeja de desagüe y cerramos con una puerta nueva y su moldura.',
  'storm-door': 'Colgamos una contrapuerta, con sus desagües abiertos.',
  'shutter-off-on':
    'Quitamos los postigos, los numeramos y los colgamos otra vez cuando la pared esté terminada.',
  'shutter-off': 'Quitamos postigos y ganchos para siempre, y rellenamos e imprimamos los agujeros.',
  'shutter-new':
    'Colgamos un par de postigos nuevos un poco separados de la pared, para que se seque por detrás.',
  'wall-vent':
    'Ponemos una rejilla nueva con malla, de la misma abertura o más, con sus bordes unidos al papel de la pared.',
  'panel-sheet':
    'Quitamos los paneles malos y clavamos otros nuevos y enteros a los montantes, con metal en la junta.',
  'panel-strip':
    'Cortamos a nivel el pie blando del revestimiento, metemos metal debajo y colgamos una franja nueva.',
  'shingle-spot': 'Sacamos las tejuelas malas una por una y metemos nuevas, con clavos de acero inoxidable.',
  'stucco-patch':
    'Cortamos el estuco más allá del daño, reparamos papel y malla detrás y lo rehacemos en tres capas; el parche se verá.',
  'brick-point':
    'Vaciamos las juntas abiertas y las llenamos con mortero no más duro que el viejo, dejando abiertos los desagües.',
  'brick-replace':
    'Sacamos los ladrillos rotos y ponemos otros que hagan juego, dejando abiertos los desagües.',
  'chase-face':
    'Desnudamos esta cara del cajón de la chimenea, reparamos armazón y tablas y la cerramos con papel nuevo, metal junto al techo y revestimiento nuevo.',
  're-clad-side':
    'Quitamos todo el revestimiento de este lado, fotografiamos y miramos la pared y la rehacemos desde abajo: papel, metal, esquinas, tablas.',
  'shingle-side':
    'Quitamos todo el revestimiento de este lado, miramos la pared y la cerramos con papel, metal y tejuelas nuevos.',
  're-sheathe-side':
    'Ponemos tableros nuevos sobre la pared abierta, con apoyo en cada borde, antes de poner el papel.',
  'fascia-with-metal':
    'Bajamos la canaleta, cortamos la tabla blanda hasta las puntas de cabio siguientes, ponemos madera nueva imprimada con metal sobre su canto y colgamos otra vez la canaleta.',
  'fascia-with-strip':
    'Bajamos la canaleta, cortamos la tabla blanda hasta las puntas de cabio siguientes, ponemos madera nueva imprimada y una tira debajo del metal del techo y colgamos otra vez la canaleta.',
  'fascia-overlay':
    'Cubrimos la tabla vieja y sana con una nueva y delgada, imprimada, con sus juntas lejos de las viejas.',
  'rafter-tail-sister':
    'Fijamos seis pies de cabio nuevo al lado de la punta blanda, bien adentro de la madera sana, y cortamos la punta blanda.',
  'rafter-tail-new':
    'Cortamos la punta de cabio a la vista hasta adentro de la pared y empalmamos una nueva de la misma forma.',
  'soffit-panel':
    'Ponemos paneles nuevos debajo del alero y conservamos o ponemos las ventilaciones que secan el techo.',
  'roof-deck-sheet':
    'Levantamos las tejas, cortamos la tabla blanda del techo, ponemos un tablero del mismo espesor y volvemos a tejer las tejas.',
  'porch-column':
    'Sostenemos el techo del porche con puntales nuestros, sacamos la columna y ponemos una nueva sobre una base que desagua.',
  'porch-beam-new':
    'Sostenemos el techo del porche por los dos lados, sacamos la viga vieja y ponemos una igual de fuerte, fijada a sus columnas.',
  'column-base':
    'Sostenemos el techo del porche, cortamos a escuadra el pie blando de la columna y ponemos debajo una base que deja salir el agua.',
  'screen-new': 'Sacamos el mosquitero roto y tensamos uno nuevo en su marco.',
  'gutter-guard': 'Limpiamos la canaleta y la cubrimos con una protección que no deja entrar hojas.',
  'ledger-renew':
    'Sostenemos la terraza con una viga arriostrada, quitamos la viga vieja junto a la casa (ledger), reparamos la pared de atrás y atornillamos una nueva con metal encima.',
  'ledger-flash':
    'Atornillamos la viga sana de la casa (ledger) a madera sana, la cubrimos con metal y atamos la terraza a la casa.',
  'deck-joist-sister':
    'Atornillamos una vigueta tratada al lado de la vieja en todo su largo, sobre los mismos apoyos.',
  'deck-joist-new':
    'Levantamos las tablas de encima, sacamos la vigueta vieja y colgamos una tratada en las dos puntas.',
  'connector-new':
    'Ponemos el conector metálico que falta o está oxidado, con un clavo o tornillo en cada agujero.',
  'hanger-new':
    'Ponemos un soporte metálico en cada punta de vigueta que no lo tiene, con un clavo en cada agujero.',
  'deck-beam-new':
    'Sostenemos la terraza con una línea arriostrada al lado, sacamos la viga vieja y ponemos una nueva sobre los postes.',
  'deck-post-new':
    'Sostenemos la viga, sacamos el poste viejo y ponemos uno tratado sobre una base separada del concreto.',
  'deck-footing':
    'Cavamos más abajo de la helada o hasta suelo firme y colamos una zapata nueva, tan grande como piden la carga y el suelo.',
  'guard-new':
    'Hacemos la baranda de nuevo: postes atornillados a través del armazón y ningún hueco por donde pase una bola de 4 pulgadas.',
  'stair-flight':
    'Hacemos la escalera de nuevo con peldaños parejos, un descanso firme, fijación al armazón y un pasamanos.',
  'stringer-new':
    'Quitamos los peldaños, cortamos un costado nuevo (zanca) igual al otro, lo ponemos sobre un pie seco y volvemos a poner los peldaños.',
  'deck-nailer':
    'Fijamos una tabla corta tratada al lado de la vigueta, para que las tablas de la terraza tengan dónde agarrar.',
  'deck-take-down': 'Desarmamos la terraza, nos la llevamos y cerramos la pared donde estaba sujeta.',
  'deck-rebuild':
    'Desarmamos la terraza vieja y la hacemos de nuevo desde las zapatas: postes, viga, sujeción a la casa, viguetas, tablas, baranda y escalera según la regla de hoy.',
  'sheathing-new':
    'Cortamos las tablas blandas detrás del revestimiento (entablado) hasta los montantes, ponemos nuevas del mismo espesor y cerramos la pared a la lluvia el mismo día.',
  'stud-sister': 'Clavamos un montante nuevo al lado del blando, bien más allá del daño.',
  'stud-new': 'Sostenemos el piso de arriba con una pared nuestra, sacamos el montante y ponemos uno entero.',
  'sole-plate-new':
    'Sostenemos la pared, cortamos la madera blanda del pie (solera) más allá del daño y ponemos una tratada.',
  'header-new':
    'Sostenemos lo de arriba con una pared nuestra, sacamos la viga sobre la abertura y ponemos una igual de fuerte.',
  'rim-new':
    'Sostenemos las viguetas, cortamos la viga de borde del piso (rim) más allá de lo blando, ponemos una nueva y la cerramos con papel y metal.',
  'mudsill-new':
    'Levantamos apenas la pared, cortamos la madera blanda sobre el cimiento (solera de base) y atornillamos una tratada, separada de la humedad.',
  'joist-sister':
    'Fijamos desde abajo una vigueta nueva al lado de la blanda, bien más allá del daño y apoyada donde apoya la vieja.',
  'joist-new':
    'Sostenemos el piso al lado, sacamos la vigueta blanda desde abajo y ponemos una nueva de la misma altura.',
  'girder-line':
    'Ponemos una viga nueva sobre postes y bases debajo de las viguetas, para sostenerlas donde se han debilitado o son demasiado largas.',
  'girder-new':
    'Sostenemos el piso por los dos lados, sacamos la viga principal vieja de poste a poste y ponemos una nueva.',
  'post-pad-new':
    'Colamos una base nueva aparte del apoyo viejo, le quitamos la carga y ponemos un poste a plomo fijado arriba y abajo.',
  'floor-lift':
    'Levantamos el piso un octavo de pulgada por vez para quitar la carga, no para dejarlo a nivel; pueden aparecer grietas.',
  'subfloor-new':
    'Levantamos el piso acabado, cortamos las capas blandas hasta las viguetas y pegamos y atornillamos nuevas del mismo espesor.',
  'planks-relaid':
    'Levantamos las tablas buenas del piso, las numeramos y las volvemos a poner sobre el piso reparado.',
  'toilet-off-on':
    'Quitamos el inodoro, miramos sobre qué está parado y lo volvemos a poner con un sello nuevo.',
  'dry-first': 'Ponemos secadores y tomamos lecturas hasta que la madera esté bastante seca para cerrarla.',
  'insulation-new':
    'Sacamos el aislante mojado y colgamos uno nuevo cuando la madera esté seca y la causa resuelta.',
  'crawl-clear': 'Sacamos del sótano bajo basura, aislante viejo y madera que está en el suelo.',
  'crawl-cover':
    'Ponemos una lámina sobre el suelo del sótano bajo, con sus traslapes sellados, y la subimos por paredes y apoyos.',
  'crawl-liner':
    'Sellamos una lámina sobre suelo, paredes y apoyos del sótano bajo, para que no entre la humedad de la tierra.',
  'crawl-vent':
    'Abrimos la ventilación del sótano bajo, le ponemos malla y dejamos pasar tanto aire como antes o más.',
  'crawl-vent-cut': 'Cortamos una ventilación en la pared de bloque donde al sótano bajo no le llega aire.',
  'leader-buried':
    'Llevamos el agua del bajante por debajo de la tierra hasta donde sale al aire, con un lugar para limpiarlo.',
  'drain-trench':
    'Cavamos una zanja a lo largo de la pared hasta más abajo del piso y ponemos un drenaje en piedra que lleva el agua a donde puede ir.',
  sump: 'Cavamos un pozo en el lugar bajo y ponemos una bomba que saca el agua.',
  'slab-edge-patch': 'Picamos a mano el concreto suelto, protegemos el acero desnudo y rehacemos el borde.',
  'tendon-end':
    'Limpiamos el hueco a mano, lo llenamos y lo cubrimos; ningún taladro ni sierra se acerca al cable.',
  'crack-injection':
    'Llenamos la grieta por pequeños puertos; se abre otra vez si la pared se sigue moviendo.',
  'wall-strap': 'Pegamos cintas a la pared de arriba al piso: detienen su movimiento y no la enderezan.',
  'wall-brace':
    'Ponemos acero contra la pared del piso a las viguetas: detiene su movimiento y no la endereza.',
  'wall-anchor':
    'Atamos la pared con varillas a placas en suelo firme afuera, y las apretamos con el tiempo.',
  'anchor-extension': 'Llevamos la varilla más allá del pavimento que debe quedar y anotamos por dónde pasa.',
  'driven-pier':
    'Hincamos pilotes hasta suelo que sostiene y los unimos a la zapata: eso detiene el hundimiento; no prometemos levantar.',
  'home-pier-reset': 'Enderezamos el apoyo, lo apilamos de nuevo y lo acuñamos bajo el chasis.',
  'home-pier-new':
    'Levantamos un poco la casa, sacamos la base fallada y hacemos base y apoyo nuevos debajo del chasis.',
  'skirting-off-on': 'Quitamos el faldón para el trabajo y lo volvemos a poner, con sus ventilaciones.',
  'skirting-new': 'Cambiamos el faldón doblado por uno nuevo, ventilado y separado del suelo.',
  'tie-strap': 'Apretamos las cintas de anclaje flojas y cambiamos en sus anclas las oxidadas.',
  'pad-rebuilt':
    'Movemos la casa, nivelamos y rellenamos el suelo y la ponemos otra vez sobre apoyos nuevos con anclajes y servicios.',
  'fill-hole': 'Rellenamos el agujero ({part}, madera sana), imprimamos y pintamos encima.',
  consolidate: 'Secamos y endurecemos la madera ({part}) y rellenamos lo que falta, donde no carga nada.',
  're-fasten': 'Fijamos otra vez la pieza ({part}) a lo que sostiene y sellamos las cabezas.',
  'stop-gap':
    'Cerramos a la lluvia ({part}) con membrana o lona hasta que se repare; esto no tiene garantía.',
  'mildew-wash': 'Lavamos el moho a mano ({part}); vuelve donde sigue húmedo.',
  'pest-close':
    'Una vez tratado, abrimos hasta la madera sana lo que hicieron insectos o animales ({part}), lo cerramos, le ponemos malla y lo pintamos.',
  'deck-coat':
    'Limpiamos a mano ({part}), dejamos secar, lijamos lo que se levanta y damos una capa que deja secar la madera.',
  'door-coat': 'Lijamos la puerta, imprimamos lo que está desnudo y pintamos dos manos en caras y cantos.',
  'window-coat':
    'Cubrimos el vidrio, lijamos la ventana, imprimamos lo que está desnudo y pintamos dos manos.',
  'wash-side': 'Lavamos este lado a mano con baja presión y matamos el moho.',
  'stain-side': 'Lavamos este lado, lo dejamos secar y damos dos manos de tinte.',
  'trim-side': 'Raspamos las molduras de este lado, imprimamos lo que está desnudo y pintamos dos manos.',
  'gutter-clean':
    'Limpiamos y enjuagamos la canaleta y le cortamos una salida más, para que dé abasto con la lluvia.',
  'gutter-seal': 'Limpiamos y secamos la canaleta donde gotea y sellamos de nuevo su junta o su salida.',
  'gutter-re-hang': 'Bajamos la canaleta y la colgamos otra vez con caída hacia su salida.',
  'gutter-new': 'Colgamos una canaleta con bajante y llevamos su agua lejos de la pared.',
  'gutter-end-flashed': 'Cortamos la punta de la canaleta a una pulgada de la pared y ponemos metal detrás.',
  'leader-clear': 'Destapamos la salida y el bajante y volvemos a unir las juntas.',
  'leader-away': 'Llevamos el agua del bajante a cuatro pies o más de la pared.',
  'drip-edge':
    'Metemos metal debajo de la primera hilera de tejas en todo el borde del techo, para que el agua gotee lejos de la madera.',
  'roof-clear':
    'Limpiamos el techo, cortamos la rama que trae las hojas y volvemos a asentar las tejas levantadas.',
  'step-flashing':
    'Entretejemos metal nuevo entre tejas y pared donde el techo la toca, y traslapamos encima el papel de la pared.',
  'kick-out':
    'Ponemos al final del techo una pieza de metal que echa el agua a la canaleta, y abrimos y cerramos el revestimiento de abajo.',
  'chase-cover': 'Ponemos sobre el cajón de la chimenea una tapa metálica inclinada con los bordes doblados.',
  'pipe-collar': 'Entretejemos en las tejas un collar nuevo alrededor del tubo.',
  'unit-pan':
    'Sacamos la ventana, ponemos debajo una bandeja que desagua hacia afuera y volvemos a poner la ventana.',
  'door-pan': 'Sacamos la puerta, ponemos una bandeja debajo de su umbral y la volvemos a poner.',
  'butt-gaps':
    'Cortamos las puntas de las tablas para dejar la luz que necesitan, las sellamos y las clavamos otra vez.',
  'band-flashing':
    'Ponemos metal sobre la franja, metido detrás del papel de la pared, con su borde delantero separado.',
  'penetration-flashing': 'Ponemos un bloque y metal donde el tubo o la lámpara atraviesa la pared.',
  'weep-screed':
    'Cortamos hacia arriba el pie del estuco y ponemos un borde que deja salir el agua de la pared.',
  'barrier-renewed':
    'Quitamos el revestimiento en este lugar, renovamos el papel de atrás y volvemos a poner las tablas sanas.',
  'drained-gap':
    'Quitamos el revestimiento, ponemos tiras detrás para que la pared desagüe y se seque y volvemos a poner las tablas.',
  'shake-backing':
    'Clavamos otra vez las tejuelas sueltas con clavos de acero inoxidable donde la pared de atrás sostiene.',
  sprinkler: 'Giramos o movemos el aspersor para que no moje más la pared.',
  'drain-and-sump':
    'Ponemos un drenaje a lo largo de la pared mojada hasta un pozo con bomba y llevamos el agua a un lugar acordado.',
  regrade: 'Ponemos tierra para que el suelo caiga alejándose de la pared; el código local dice cuánto.',
  'paving-joint':
    'Limpiamos la junta entre pavimento y pared y la llenamos de modo que el agua corra afuera.',
  'stone-strip':
    'Ponemos una franja de piedra lavada a lo largo de la pared, para que las gotas no salpiquen más.',
  'clear-soil': 'Quitamos tierra y mantillo hasta que se vean seis pulgadas de cimiento.',
  'clear-plants': 'Cortamos las plantas y dejamos libres 18 pulgadas a lo largo de la pared.',
  'stand-off': 'Separamos la madera de la mampostería sobre una base, o ponemos una membrana en medio.',
  'pipe-out': 'Llevamos el tubo a seis pies de la pared.',
  'ground-cover': 'Cubrimos el suelo del sótano bajo, sellamos los traslapes y subimos los bordes.',
  'wrap-line': 'Forramos el tubo frío, para que no sude más.',
  'vent-out': 'Llevamos el conducto afuera, lo colgamos y encintamos y ponemos una campana que se cierra.',
  'attic-seal':
    'Sellamos desde arriba los agujeros del techo interior, llevamos afuera los extractores y equilibramos las ventilaciones del techo.',
  watch: 'Lo dejamos como está y lo miramos otra vez en una fecha acordada.',
  refer: 'Va primero un oficio con licencia o un ingeniero; antes no hacemos nada.',
}
