import { LATER_CAUSES } from './causesOfGround'
import type { CauseSaid } from './pair'

/**
 * Each cause as its owner reads it in Spanish: its name, what follows where only the damage is repaired, and its fix. An empty fix:
 * the cause has none. Causes by id.
 */
export const CAUSE_SAYS: Readonly<Record<string, CauseSaid>> = {
  'ordinary-exposure': [
    'Intemperie común, sin origen',
    'No se pierde nada: no hay origen que arreglar. Pide pintura a tiempo.',
    '',
  ],
  'old-inactive': [
    'Daño viejo, ya no activo',
    'No se pierde nada mientras siga seco. Medirlo otra vez en la temporada de lluvias.',
    '',
  ],
  'as-built': [
    'Así se construyó, o se asentó hace mucho',
    'No se pierde nada: medirlo otra vez en un año si preocupa al dueño.',
    '',
  ],
  'drying-hairline': ['Grieta fina de secado', 'Rellenar y pintar; no hay nada detrás.', ''],
  'truss-uplift': [
    'Las cerchas del techo se levantan en invierno',
    'Una moldura fijada solo al techo interior lo tapa; no se pierde nada.',
    '',
  ],
  'framing-wave': ['Onda del armazón', 'No se pierde nada; es cuestión de aspecto.', ''],
  'dirt-streak': ['Mancha de suciedad', 'Lavarla a mano; no hay nada detrás.', ''],
  'coating-fault': ['Falla de la pintura', 'Quitar hasta una capa sana y pintar; no hay nada detrás.', ''],
  'gutter-overflow': [
    'La canaleta se desborda',
    'Se moja otra vez con la próxima lluvia fuerte; cuente con 3 a 6 años, no con 12 a 20.',
    'Limpiar la canaleta, agregar salidas o una canaleta más grande',
  ],
  'gutter-mis-hung': [
    'Canaleta colgada sin caída',
    'La fascia nueva sigue mojada en el punto bajo; cuente con 3 a 6 años.',
    'Colgar otra vez la canaleta con caída',
  ],
  'gutter-leaks': [
    'La canaleta gotea en una junta o en su salida',
    'La tabla nueva se moja en el mismo punto; cuente con 3 a 6 años.',
    'Sellar la junta o la salida de la canaleta',
  ],
  'gutter-none': [
    'Falta una canaleta donde hace falta',
    'Cada lluvia cae sobre el trabajo nuevo.',
    'Canaleta y bajante ahí, con el agua llevada lejos',
  ],
  'gutter-end-in-wall': [
    'La punta de la canaleta muere en la pared',
    'En una temporada la pared está mojada detrás del revestimiento nuevo.',
    'Cortar la punta de la canaleta a una pulgada y poner metal detrás',
  ],
  'leader-blocked': [
    'Salida o bajante tapados',
    'Se desborda en el mismo punto con la próxima tormenta.',
    'Destapar y volver a unir salida y bajante',
  ],
  'leader-at-wall': [
    'El bajante descarga junto a la pared',
    'Todo el techo moja el pie nuevo de la pared; cuente con la mitad de la vida.',
    'Llevar el agua a 4 pies o más',
  ],
  'no-drip-edge': [
    'Falta el goterón del techo',
    'El agua del techo sigue volviendo por debajo de la teja; cuente con 3 a 6 años.',
    'Meter un goterón debajo de la primera teja en todo el tramo',
  ],
  'roof-debris': [
    'La hojarasca represa el techo',
    'La represa se forma otra vez cada otoño.',
    'Quitar la represa, cortar la rama, volver a asentar las tejas',
  ],
  'step-flashing': [
    'Fallaron los tapajuntas entre techo y pared',
    'La pared se pudre otra vez desde la línea del techo; cuente con 3 a 6 años.',
    'Tapajuntas nuevos entretejidos con las tejas y el papel encima',
  ],
  'roof-clearance': [
    'Revestimiento demasiado cerca del techo de abajo',
    'El borde nuevo absorbe agua otra vez; dura la mitad.',
    'Cortar el revestimiento a 2 in del techo e imprimar el borde',
  ],
  'flue-sweat': [
    'El gas de combustión condensa en la chimenea',
    'Gotea otra vez cada mañana fría; el revestimiento interior se sigue comiendo.',
    'Un oficio de calefacción revisa el conducto antes de usarlo',
  ],
  'kick-out-missing': [
    'Falta el desviador al final del techo',
    'El techo sigue vaciándose en la pared.',
    'Desviador al final del techo, revestimiento abierto abajo',
  ],
  'chimney-flashing': [
    'Caballete o contratapajuntas de la chimenea',
    'Gotea otra vez con la próxima tormenta.',
    'Caballete y contratapajuntas metidos en la mampostería',
  ],
  'chase-cover': [
    'Tapa de la chimenea ausente, oxidada o plana',
    'El revestimiento nuevo se pudre desde adentro.',
    'Tapa nueva inclinada con bordes doblados',
  ],
  'pipe-collar': [
    'Collar de tubo o sello del humero',
    'El techo interior se mancha otra vez con la próxima lluvia.',
    'Collar nuevo entretejido en las tejas',
  ],
  valley: [
    'El agua de la limahoya se pasa',
    'La limahoya sigue vaciándose en el mismo lugar; cuente con 3 a 6 años.',
    'Desviador y salida más grande en la limahoya, o una limahoya nueva',
  ],
  'roof-worn': [
    'Cubierta del techo gastada',
    'La madera nueva del techo se moja con la próxima lluvia.',
    'Cubierta nueva por un techador',
  ],
  skylight: [
    'El tragaluz gotea',
    'El hueco se mancha otra vez.',
    'Poner tapajuntas nuevos o cambiar el tragaluz',
  ],
  'metal-edge-capillary': [
    'El borde de metal del techo chupa el agua',
    'La moldura nueva se moja con la primera lluvia.',
    'Goterón separado 1/2 pulgada',
  ],
  'ice-or-blown-rain': [
    'Represa de hielo o lluvia con viento en el alero',
    'Vuelve con el próximo invierno duro o vendaval.',
    'Sellar y aislar sobre la pared; membrana en el alero con el próximo techo',
  ],
  'roof-storm-damage': [
    'Daño de tormenta o de una rama en el techo',
    'Techo abierto: llueve adentro.',
    'Reparar la cubierta y el borde',
  ],
  'gutter-undersized': [
    'Canaleta chica para lo que le llega',
    'Se desborda otra vez con la próxima lluvia fuerte.',
    'Canaleta y bajantes del tamaño que pide el techo',
  ],
  'head-flashing-absent': [
    'Falta el tapajuntas sobre la abertura',
    'Mojado otra vez; cuente con 3 a 6 años, no con 15 a 25.',
    'Tapajuntas metido detrás del papel, puntas dobladas',
  ],
  'head-flashing-short': [
    'Tapajuntas corto sobre la abertura',
    'Mojado otra vez; cuente con 3 a 6 años, no con 15 a 25.',
    'Tapajuntas más largo con puntas dobladas',
  ],
  'drainage-sealed': [
    'Junta de desagüe sellada',
    'La pared se sigue llenando arriba del cordón.',
    'Cortar el cordón y dejar abierta esa junta',
  ],
  'pan-or-unit-corner': [
    'Falta la bandeja o gotea la esquina de la ventana',
    'El antepecho nuevo se moja desde abajo; cuente con 3 a 6 años.',
    'Sacar la ventana, poner una bandeja, volver a ponerla',
  ],
  'sill-slope-or-drip': [
    'Antepecho sin pendiente o sin goterón',
    'Un borde nuevo con pendiente y goterón es el arreglo.',
    'Antepecho o borde nuevo con pendiente y goterón',
  ],
  'door-threshold': [
    'Umbral de puerta sin bandeja',
    'Mojado otra vez con lluvia y viento.',
    'Sacar la puerta, poner bandeja, volver a ponerla',
  ],
  'storm-weeps-shut': [
    'La contraventana retiene agua',
    'El antepecho nuevo queda en agua; cuente con 1 a 3 años.',
    'Abrir los desagües',
  ],
  'finish-overdue': [
    'Pintura atrasada',
    'Madera nueva bajo pintura vieja en lo demás: siguen las vecinas.',
    'Imprimar y pintar',
  ],
  'washing-injection': [
    'El lavado a presión metió agua',
    'El próximo chorro lo hace otra vez.',
    'Dejar secar, reparar traslapes, lavar a mano de ahora en adelante',
  ],
  'shake-substrate': [
    'Respaldo o clavo equivocado para las tejuelas',
    'El próximo vendaval levanta la hilera siguiente.',
    'Respaldo firme y clavos anillados de acero inoxidable',
  ],
  'expansion-without-gaps': [
    'Sin luz para dilatarse',
    'La tabla nueva también se comba.',
    'Cortar las puntas para dejar luz y volver a clavar',
  ],
  'nails-overdriven': [
    'Clavos hundidos en la cara',
    'Siguen todos los demás clavos.',
    'Sellar las cabezas, o tablas nuevas clavadas al ras',
  ],
  'band-unflashed': [
    'Franja o vierteaguas sin tapajuntas',
    'La franja nueva retiene agua como la vieja; cuente con 4 a 8 años.',
    'Tapajuntas sobre la franja, metido detrás del papel',
  ],
  'joint-open': [
    'Falló la junta de sellador',
    'El agua sigue entrando por la junta; cuente con 1 a 3 años.',
    'Cortar y renovar el sellador',
  ],
  'never-sealed': [
    'Junta nunca sellada ni imprimada',
    'La junta nueva bebe como la vieja.',
    'Imprimar la testa y sellar la junta',
  ],
  'end-grain-joint': [
    'La testa bebe en una junta o al pie',
    'Otra junta recta falla igual.',
    'Un largo nuevo, o una junta biselada e imprimada, con el pie separado',
  ],
  'back-never-primed': [
    'Dorso o canto nunca imprimado',
    'Una tabla nueva imprimada por todas sus caras es el arreglo; seguirán las vecinas de la misma partida.',
    'Imprimar todas las caras y puntas de la pieza nueva',
  ],
  'mismatched-patch': [
    'Parche que no corresponde',
    'Las juntas del parche se abren otra vez en 1 a 3 años.',
    'Sacar el parche y encajar una pieza de todo el espesor',
  ],
  'barrier-faulty': [
    'Papel de la pared ausente o mal traslapado',
    'La pared de atrás queda abierta al agua.',
    'Papel renovado donde se abre',
  ],
  'penetration-unflashed': [
    'Agujero en la pared sin tapajuntas',
    'Mojado otra vez debajo del agujero.',
    'Bloque y tapajuntas en el agujero',
  ],
  'ledger-unflashed': [
    'Viga de la terraza sin tapajuntas',
    'La viga de borde se sigue pudriendo donde nadie la ve.',
    'Tapajuntas debajo del papel, membrana, puntas dobladas',
  ],
  'clearance-too-small': [
    'Revestimiento demasiado cerca del suelo',
    'La hilada nueva chupa otra vez; cuente con la mitad de la vida.',
    'Cortar el borde de abajo, imprimarlo, metal detrás',
  ],
  'weep-screed-missing': [
    'Falta el borde de desagüe del estuco, o está enterrado',
    'La solera sigue mojada detrás del estuco nuevo.',
    'Cortar el pie del estuco y poner un borde de desagüe',
  ],
  sprinkler: ['El aspersor moja la pared', 'Mojado otra vez cada día de riego.', 'Girar o mover el aspersor'],
  'sun-driven-vapour': [
    'El sol empuja el vapor hacia adentro, o la pintura no respira',
    'La cara de adentro se enmohece otra vez cada verano.',
    'Una cámara de desagüe detrás del revestimiento, o una pintura que respira',
  ],
  'exterior-leak-in': [
    'Una gotera de afuera llega al piso, aún no ubicada',
    'Mojado otra vez desde la pared.',
    'Encontrar por dónde gotea la pared y arreglarlo primero',
  ],
  'cladding-gone': [
    'Falta el revestimiento, pared abierta',
    'Mojado otra vez con cada lluvia.',
    'Cerrarlo hoy; entablar y revestir',
  ],
  'lath-rusting': [
    'La malla se oxida detrás del estuco',
    'El parche se cae con la malla de atrás.',
    'Abrirlo enseguida, encontrar el agua, malla y borde de desagüe nuevos',
  ],
  'pane-seal-failed': [
    'Falló el sello del vidrio doble',
    'Queda empañado; no daña nada más.',
    'Un vidrio nuevo, cuando moleste',
  ],
  ...LATER_CAUSES,
}
