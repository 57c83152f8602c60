import { accented, list } from "./lists";
import { definePack, withEndings } from "./make";
import { SPANISH_SET_PHRASES } from "./setPhrases/es";

/** Syllables of Spanish: strong vowels part, weak ones join their neighbours unless an accent parts them. */
const NUCLEUS = /[iuü]?[aeoáéó](?:[iuüy](?![aeoáéóíú]))?|[íú]|[iuüy]+/gu;

/** The s of plurals in -os and -as; not that of "compramos", but that of "últimos" and "tramos". */
const PLURAL_OF_O_AND_A =
  /(?<=[a-z]{3}[oa])(?<![aei]mo)s$|(?<=^(?:(?:pen)?ultimo|maximo|minimo|proximo|intimo|i?legitimo|[a-z]+onimo|centimo|decimo|septimo|pesimo|optimo|racimo|animo|maritimo|primo|[a-z]+isimo|(?:[a-z]+)?gramo|tramo|ramo|alamo|reclamo|prestamo|extremo|supremo|remo))s$/;
/** Who comes from where, in any gender and number: "francesa", "japoneses"; and "interés". */
const PEOPLE =
  /(?<=(?:franc|ingl|japon|portugu|irland|dan|escoc|holand|neerland|finland|island|burgu|marqu|gal|liban|camerun|congol|vien|berlin|londin|cordob|leon|aragon|tailand|chin)es)(?:es|as?)$|(?<=^interes)es$/;

/** Forms made ready for the stemmer, which knows endings by their accents. These are folded before, so that they are told here. */
const prepare = (word: string): string =>
  word
    .replace(/ces$/, "z")
    // "Identifica", "comunica", "existe", whose ends the stemmer takes for a noun's
    .replace(/(?<=[a-z]{2}if|^comun|^multipl)ic(?:[ao]s?|an)$/, "icar")
    .replace(/(?<=^(?:ex|as|res|ins|cons|pers|subs|des))iste[ns]?$/, "istir")
    .replace(/(?<=[dt]ad|tud|lud|aud|(?:^|a)red|[sc]ped|rced|^vid)es$/, "")
    // "Clubs", "blogs"
    .replace(/(?<=[a-z]{2}[bcdfghjklmnpqrtvwy])(?<!(?:bi|tri|cuadri|for)cep|new)s$/, "")
    // "Famosas", "cuadernos", which the stemmer cuts elsewhere than their singular.
    .replace(PLURAL_OF_O_AND_A, "")
    .replace(/(?<=[a-z]{2}ar)es$/, "")
    .replace(PEOPLE, "")
    .replace(/(?<=^financi)era$|(?<=^(?:liter|funer|ferrovi|terci)ari)a$/, (end) => `${end.slice(0, -1)}o`)
    .replace(/(?<=[a-z]{3})([aeio])nes$/, "$1n")
    // "construye", and the future: "aprenderá", "compraría".
    .replace(/(?<=[a-z]{2}u)y(?:[oea]|es|en|an|endo|eron)$/, "ir")
    .replace(/(?<=[a-z]{2}[ei]r)(?:a|as|an|emos|ia|ias|ian)$/, "")
    .replace(/(?<=[a-z]{2}ar)(?:ia|ias|ian|emos)$/, "");

/** Endings that have lost their accent ("vendió", "comía"), and spelling that follows sound ("busque", "aparcó"). */
const finish = (stem: string): string =>
  stem
    .replace(/(?<=[a-z]{2}[^aeio])(?<!er)i$|(?<=[a-z]{3})e$/, "")
    .replace(/(?<=[a-z]{3})[aei]r$/, "")
    .replace(/qu$/, "c")
    .replace(/gu$/, "g")
    .replace(/(?:zc|z)$/, "c");

/** What stands after a stem that changes under the stress: "cierro", "pidiendo". */
const CHANGED = "o as a an es e en iendo ió ieron";

/**
 * Spanish. Stemmer: Snowball's. Small words: articles, pronouns, prepositions, conjunctions, auxiliaries and the commonest
 * adverbs.
 */
export const spanish = definePack("es", "Spanish", () => ({
  stemmer: "spanish",
  afterVowel: true,
  prepare,
  finish,
  infinitive: /[aei]r$/,
  alike: `
doler duele duelen duela dolió dolía dolor dolores|prestar presta prestan preste presten prestó prestado préstamo préstamos|coser cose cosen cosió cosiendo cosido cosida costura costuras|mudar muda mudan mude mudó mudado mudanza mudanzas|
pasear pasea pasean pasee paseo paseos paseamos paseando paseó paseado|pasar pasa pasan pase pasen pasé pasó pasado pasada pasados pasando pasaron|hacer hace hacen hago hizo hicieron hecho hecha hechos hechas|ir va van voy fue fueron|comprar compra compras compran compró comprado comprada comprando
vender vende venden vendió vendido vendida venta ventas|elegir elige eligen eligió elegido elegida elección elecciones|poner pone ponen pongo puso puesto puesta puestos puestas
ver ve ven veo vio visto vista vistos vistas|escribir escribe escriben escribió escrito escrita escritos escritas escritura|llevar lleva llevan llevo llevó llevado llevando
conducir conduce conducen conduzco condujo conducido|mantener mantiene mantienen mantuvo mantenido mantenimiento mantenimientos|reparar repara reparan reparó reparado reparada reparación reparaciones
alquilar alquila alquilan alquiló alquilado alquiler alquileres|limpiar limpia limpian limpió limpiado limpieza|costar cuesta cuestan costó costado coste costes costo costos
bueno buena buenos buenas buen|mejor mejores|malo mala malos malas mal|peor peores|grande grandes gran|mayor mayores|pequeño pequeña pequeños pequeñas|menor menores
niño niña niños niñas|hijo hija hijos hijas|lápiz lápices|luz luces|pez peces|vez veces|crisis|análisis|mes meses|país países|autobús autobuses|inglés ingleses inglesa inglesas
carro carros|coche coches|ordenador ordenadores|computadora computadoras computador computadores|vídeo vídeos video videos|móvil móviles
préstamo préstamos|sol soles solar solares|héroe héroes|día días|tía tías|vía vías|río ríos|frío fría fríos frías|gobierno gobiernos|taxi taxis|esquí esquís|kiwi kiwis|tribu tribus|espíritu espíritus|pie pies|menú menús|imán imanes|pan panes|gen genes|web webs|angel ángel ángeles|nadar nadan nadó nadando natación|probar prueba pruebas|buscar búsqueda búsquedas|responder respuesta respuestas|jugar juego juegos|regar riego riegos|sembrar siembra siembras|leer lectura lecturas|traducir traducción traducciones|proteger protección protecciones|construir construcción construcciones|abrir apertura aperturas|volar vuelo vuelos|defender defensa defensas|ofrecer oferta ofertas|imprimir imprime imprimen imprimió imprimiendo impresión impresiones
`,
  verbs: {
    agreeing: (participle) =>
      /[sth]o$/.test(participle) ? ["a", "os", "as"].map((end) => participle.slice(0, -1) + end) : [],
    prefixes: "re des de con con com pro pre contra dis ex en em im in man ob ante sobre su su sos abs ab",
    forms: `${withEndings(
      CHANGED,
      `cerrar cierr|pensar piens|empezar empiez empiec|comenzar comienz comienc|calentar calient|sentar sient|despertar despiert|recomendar recomiend|gobernar gobiern|negar nieg|regar rieg riegu|sembrar siembr|apretar apriet|atravesar atravies|fregar frieg friegu|helar hiel|invertir inviert invirt|convertir conviert convirt|divertir diviert divirt
      |sentir sint|preferir prefier prefir|sugerir sugier sugir|herir hier hir|hervir hierv hirv|mentir mient mint|perder pierd|entender entiend|encender enciend|atender atiend|extender extiend|defender defiend|descender desciend|querer quier
      |contar cuent|encontrar encuentr|mostrar muestr|demostrar demuestr|probar prueb|aprobar aprueb|comprobar comprueb|costar cuest|acostar acuest|soñar sueñ|volar vuel|rodar rued|colgar cuelg cuelgu|almorzar almuerz almuerc|acordar acuerd|recordar recuerd|renovar renuev|soltar suelt|jugar jueg juegu|volver vuelv|mover muev
      |solver suelv|llover lluev|doler duel|moler muel|morder muerd|oler huel|cocer cuez cuec|torcer tuerz tuerc|poder pued|dormir duerm durm|morir muer mur|pedir pid|medir mid|servir sirv|repetir repit|vestir vist|seguir sig sigu|conseguir consig consigu|elegir elij elig|corregir corrij corrig|despedir despid|impedir impid|competir compit`,
    )}
decir diga digan|salir salga salgan|traer traiga traigan|tener tienes tenga tengan tenía|venir vienes venimos venga venía|poner ponga pongan ponía|hacer hice haga hagan hacía|ver ves vemos vean veía|caer caigo caía|leer leo lees leemos leía|traer traía|dar das damos di daba|andar|añadir añado añade añades añaden añada|decidir decido decide deciden decida|acabar acabo acaba acabas acaban|planificar planifico planifica planificas planifican planificó
recoger recojo recoja|proteger protejo proteja|dirigir dirijo dirija|exigir exijo exija|coger cojo coja|freír frío fríe fríen frió frita fritos fritas frito|reír río ríe ríen rió|huir huyo huye huyen huyó huyendo|caber quepo cupo|andar anduvo anduvieron|cubrir cubierto|imprimir impreso
tener tengo tiene tienen tenemos tuvo tuvieron tendrá teniendo tenido|poner pongo pone ponen ponemos puso pusieron pondrá poniendo puesta puestos puestas puesto|decir digo dice dicen decimos dijo dijeron dirá diciendo dicha dichos dichas dicho|hacer hago hace hacen hacemos hizo hicieron hará haciendo hecha hechos hechas hecho|traer traigo trae traen trajo trajeron trayendo traída traído|venir vengo viene vienen vino vinieron vendrá viniendo venido|salir salgo sale salen salió salieron saldrá saliendo salido
ver veo ve ven vio vieron verá viendo vista vistos vistas visto|saber sabe saben supo supieron sabido|poder puedo puede pueden pudo pudieron podido|querer quiero quiere quieren quiso quisieron querido|dar doy da dan dio dieron dará dando dado|pensar pienso piensa piensan pensó pensando pensado|empezar empiezo empieza empiezan empezó empezado|encontrar encuentro encuentra encuentran encontró encontrado|contar cuentan contó contado|mostrar mostró mostrado|probar probó probado|acostar acuesta acuestan acostó acostado
volver vuelvo vuelve vuelven volvió volvieron vuelto|solver suelve suelven solvió suelto|mover muevo mueve mueven movió movido|dormir duermo duerme duermen durmió durmieron durmiendo dormido|pedir pido pide piden pidió pidieron pidiendo pedido|elegir elijo elige eligen eligió eligieron eligiendo elegida elegido|seguir sigo sigue siguen siguió siguieron siguiendo seguido|servir sirve sirven sirvió sirviendo servido|vestir viste visten vistió vestido|medir mido mide miden midió midiendo medido|jugar juega juegan jugó jugaron jugando jugado
ducir duzco duce ducen dujo dujeron duciendo ducido|construir construyo construye construyen construyó construyeron construyendo construida construido|oír oigo oye oyen oyó oído|abrir abro abre abren abrió abriendo abierta abiertos abiertas abierto|escribir escribo escribe escriben escribió escribiendo escrita escritos escritas escrito|romper rompe rompen rompió rota rotos rotas roto|morir muere mueren murió muerta muertos muertas muerto|caer cae caen cayó cayeron cayendo caído|leer lee leen leyó leyeron leyendo leída leído|crecer crece crecen creció crecido|conocer conozco conoce conocen conoció conocida conocido|cocer cuece cuecen coció cocida cocido|regar riega riegan regó regado|calentar caliento calienta calientan calentó calentado`,
  },
  perhaps: `
asegurar seguro seguros|volar vuelo vuelos|soñar sueño sueños|jugar juego juegos|regar riego riegos|mostrar muestra muestras|probar prueba pruebas|rodar rueda ruedas|cerrar cierre cierres|almorzar almuerzo almuerzos|acordar acuerdo acuerdos|recordar recuerdo recuerdos|encontrar encuentro encuentros|pensar pienso piensos|sembrar siembra siembras|comenzar comienzo comienzos|soltar suelto suelta|costar cuesta|pedir pedido pedidos|vestir vestido vestidos|medir medidas medida|comer comida comidas
contar cuenta cuentas cuento cuentos|plantar planta plantas|marcar marca marcas|limpiar limpio limpia|secar seco seca
`,
  apart: `
copa copas|copia copias|vuelo vuelos|sueño sueños|juego juegos|riego riegos|muestra muestras|prueba pruebas|rueda ruedas|cierre cierres|almuerzo almuerzos|acuerdo acuerdos|recuerdo recuerdos|encuentro encuentros|pienso piensos|siembra siembras|comienzo comienzos|suelto suelta sueltos sueltas|cuesta cuestas|pedido pedidos|vestido vestidos|medida medidas|media medias|medio medios|comida comidas
lente lentes|lento lenta lentos lentas|sol soles|solo sola solos solas|novio novia novios novias|
mano manos|primo prima primos primas|correo correos|universidad universidades|universo universos|universal universales|general generales generalmente|generar genera generación generaciones|casa casas|casar casado casada caso casos
puerta puertas|puerto puertos|libro libros|libra libras|libre libres|cuenta cuentas|cuento cuentos|carta cartas|cartón cartones|pata patas|pato patos|rato ratos|rata ratas|punta puntas|punto puntos
moda modas|modo modos|modelo modelos|policía policías|política políticas político políticos|organización organizaciones|órgano órganos|vino vinos|venir viene vienen
banco bancos|banca|barco barcos|barca barcas|fruta frutas|fruto frutos|plano planos|plana planas|planta plantas|marco marcos|marca marcas
`,
  deverbal:
    "uccion ucir|ucciones ucir|cripcion cribir|cripciones cribir|eccion egir|ecciones egir|exion ectar|exiones ectar|accion actar|acciones actar|acion ar|aciones ar|ura ar|uras ar|aje ar|ajes ar|izaje er|amiento ar|amientos ar|imiento er|imiento ir|sion tir|siones tir|sion dir|siones dir|sion der|siones der",
  noSmallWords: "té uñas",
  smallWords: `el la los las un una unos unas lo al del de a en por para con sin sobre entre hasta desde hacia según tras ante bajo contra durante mediante
yo tú él ella ello nosotros nosotras vosotros ellos ellas usted ustedes me te se nos os le les mi mis tu tus su sus nuestro nuestra nuestros nuestras vuestro vuestra mío mía
este esta esto estos estas ese esa eso esos esas aquel aquella aquello aquellos aquellas que qué quien quién quienes cual cuál cuales cuyo cuya donde dónde cuando cuándo como cómo cuanto cuánto cuánta cuántos
y e o u pero sino ni si porque pues aunque mientras
soy eres es somos sois son era eran fue fueron sea sean ser sido siendo estoy estás está estamos están estaba estaban estar he has ha hemos han había habían haber hay tengo tiene tienen tener
puede pueden puedes poder debe deben deber
no sí más menos muy mucho mucha muchos muchas poco poca pocos pocas tan tanto también tampoco ya aún todavía siempre nunca aquí allí ahí así bien todo toda todos todas otro otra otros otras cada mismo misma algo alguien algún alguna algunos nada nadie ningún ninguna
además incluso dicho dicha dichos cualquier cualquiera alguno ninguno tal tales etc través siguiente siguientes entonces luego quizás`,
  leaning: `
    pero y e o u sino pues él ella ellos ellas esto eso aquello este esta estos estas ese esa esos esas aquel aquella luego
    entonces así además también aunque aquí allí tal tales después finalmente alternativamente nota sí`,
  pointing:
    /\b(?:(?:ver|como|descrit[oa]s?|mencionad[oa]s?) (?:arriba|abajo|mas arriba|mas abajo)|(?:la siguiente|la anterior|el siguiente|el anterior) (?:seccion|capitulo|ejemplo|tabla|imagen|lista|paso)|est[ea] (?:seccion|capitulo|ejemplo|tabla|imagen|lista|paso)|(?:seccion|capitulo|figura|tabla|ejemplo) \d|haz clic aqui)\b/,
  abbreviations:
    "sr sra srta dr dra prof ud uds ej p.ej pág núm aprox máx mín tel av avda d dña ene feb mar abr jun jul ago sept oct nov dic",
  vagueLinkTexts:
    "aquí|haz clic aquí|haga clic aquí|clic aquí|pulsa aquí|pincha aquí|leer más|lee más|más|más información|más info|saber más|ver más|ver|ver aquí|seguir leyendo|continuar|enlace|este enlace|esta página|este artículo|página|web|sitio web|detalles|descargar|descargar aquí|descubre más|info|sigue este enlace",
  altOpening:
    /^(?:(?:una|un|la|esta) )?(?:imagen|foto|fotografia|ilustracion|captura de pantalla|grafico)(?: (?:de|del|que|con|mostrando)\b|:)/,
  months:
    "enero febrero marzo abril mayo junio julio agosto septiembre setiembre octubre noviembre diciembre ene feb abr jun jul ago sept oct nov dic",
  furniture:
    "cookie|cookies|privacidad|aviso legal|compartir|suscribirse|suscríbete|boletín|iniciar sesión|registrarse|copyright|todos los derechos reservados|clic|leer más|comentario|comentarios|artículo|página|sitio|publicidad|anuncio|sin embargo|además|ejemplo|siguiente|diferentes|así|asimismo|mediante|través|capítulo|sección|por tanto",
  furnitureHeadings:
    "preguntas|preguntas frecuentes|faq|respuestas|comentarios|deja un comentario|artículos relacionados|entradas relacionadas|también te puede interesar|compartir|sobre el autor|sobre la autora|boletín|suscríbete|índice|tabla de contenidos|en este artículo|fuentes|referencias|véase también|menú|buscar|notas|publicidad|etiquetas|categorías|conclusión|nota|consejo|consejos|ejemplo|ejemplos|aviso|atención",
  measures:
    "dos tres cuatro cinco seis siete ocho nueve diez once doce quince veinte treinta cuarenta cincuenta cien ciento mil millón millones medio media mitad tercio cuarto docena primero primera segundo segunda tercero vez veces por km kilómetro kilómetros metro metros cm mm kg kilo kilos gramo gramos litro litros nm wh kwh vatio vatios voltio voltios hora horas minuto minutos día días semana semanas mes meses año años euro euros",
  derivedBy: /(?<=\p{L}{4})acion$/u,
  subjects: [
    "precio precios coste costes costo dinero pagar caro barato ahorrar",
    "tiempo lluvia mojado viento",
    "mantenimiento reparación reparar cuidado cuidados revisión",
    "limpieza limpiar lavar",
    "guardar aparcar estacionar aparcamiento",
    "comprar compra",
    "seguridad seguro peligro riesgo",
    "alquiler alquilar",
    "robo robos",
    "niño niños hijos",
    "invierno frío hielo",
    "desventajas inconvenientes límites contras",
    "ventajas beneficios pros",
    "comparación comparar comparativa",
    "ley leyes normas reglas normativa",
    "tipos tipo clases modelos",
    "tamaño medidas dimensiones",
  ],
  usage: {
    persons: "yo tu ella nosotros ellos ellas usted ustedes me te le les mi su sus nuestro esto eso aquello",
    clauses: "mientras porque aunque pero sino pues cuando",
    timing: "despues antes durante mientras hasta desde luego tambien tras",
    headFirst: true,
    toBeDone: "por para",
    places: "en",
    finiteForm: /[óí]$|(?<=[a-zñ]{3})(?:aba|aban|aron|ieron)$/,
    of: "de del",
    eitherWay: "alquiler venta prestamo",
    joining: "para que donde",
    adjectivesToo: "seguro seguros movil moviles fijo fijos publico particular",
    genders: [["o", "a"]],
    governing:
      "para con por sin en desde hasta contra sobre detras delante bajo entre hacia junto cerca durante tras",
    towns: "en",
    parts: "centro corazon norte sur oeste afueras alrededores",
    linking: "de del en para con por sin a al contra",
    asking: "que donde cuando cuyo cuya",
    manner: "como",
    quantities:
      "mas muchos muchas varios varias todos todas menos algunos algunas otros otras propio propia dos tres cuatro cinco seis siete ocho nueve diez",
    finite: "fue fueron",
    copulas: "es son era eran esta estan",
    having: "tiene tienen tenia tenian",
    reflexives: "se",
    which: "que cual cuales",
    tellers: "ella ellos ellas",
    without: "sin",
    conjunctions: "y e o u ni",
    pronouns: "yo ella nosotros ellos ellas usted ustedes me te se nos les quien",
    auxiliaries: "puede pueden puedes debe deben no",
    determiners:
      "tu tus nuestro nuestra nuestros nuestras el la los las un una unos unas al del mi mis su sus este esta estos estas ese esa esos esas aquel aquella",
    likeInfinitives:
      "alquiler taller mujer lugar hogar collar pilar par bar mar altar lunar azucar paladar pulgar poder placer ayer chofer celular familiar militar escolar solar popular particular regular similar titular dolar radar caviar nectar auxiliar alfiler caracter cancer martir",
    infinitive: /[aei]r$/,
    doing: /^(?:como|donde|cuando) /,
    doer: /(?:[aei]dor|tor)(?:a|es|as)?$/,
    done: /(?:[aií]d|ist|[aei]rt|crit|ech|uest|elt)[oa]s?$/,
    action:
      /(?:eza|cion|ciones|sion|siones|miento|mientos|.{3}aje|ura|[aei]da|[ai]do)s?$|^(?:alquiler|alquileres|arreglo|cambio|compra|dolor|dolores|entrega|envio|calculo|cultivo|diseno|pago|reforma|trabajo|transporte|venta)s?$/,
    idle: SPANISH_SET_PHRASES,
  },
  stepOpening: /^(?:paso \d+|\d+[.:)]|(?:primero|segundo|tercero|por ultimo|finalmente)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|o|frente a|comparado|comparativa|mejor que|alternativas?)\b/,
  passive: {
    auxiliaries: list(
      "soy eres es somos sois son era eras éramos eran fui fue fuimos fueron será serán seré sería serían sea sean sido ser siendo",
    ),
    participles: accented(
      "hecho hecha hechos hechas escrito escrita escritos escritas descrito descrita puesto puesta puestos puestas propuesto propuesta visto vista vistos vistas abierto abierta abiertos abiertas cubierto cubierta cubiertos cubiertas descubierto descubierta roto rota rotos rotas dicho dicha resuelto resuelta resueltos resueltas devuelto devuelta impreso impresa electo",
    ),
    ending: /\p{L}{2,}(?:ad|id|íd)[oa]s?$/u,
    not: accented(
      "lado lados grado grados estado estados pasado mercado cuidado sentido sonido vestido marido partido vida medida comida bebida salida entrada jornada cantidad calidad ida nada cada adecuado adecuada adecuados adecuadas elevado elevada complicado complicada complicados complicadas delicado delicada pesado pesada pesados pesadas variado variada rápido rápida rápidos rápidas sólido sólida válido válida demasiado demasiada",
    ),
    between: /^(?:no|ya|muy|bien|mal|siempre|nunca|tambien|solo|aun|todavia|mas|menos|sido|\p{L}+mente)$/u,
    mostBetween: 3,
  },
  readability: {
    source: "Szigriszt-Pazos 1993",
    constant: 206.835,
    perWord: 1,
    perSyllable: 62.3,
    syllables: (word) => word.toLowerCase().normalize("NFC").match(NUCLEUS)?.length ?? 1,
  },
  fillers: ["eh", "em", "este", "o sea", "pues", "ya sabes", "digamos"],
  claims: {
    superlative:
      /\b(?:(?:el|la|los|las) (?:mas|menos|mejore?s?|peore?s?|unic[oa]s?) \p{L}+|siempre \p{L}+|nunca \p{L}+|garantizad[oa]s?)/u,
    study:
      /\b(?:estudios?|investigaci(?:on|ones)|encuestas?|expertos|cientificos|estadisticas) (?:muestran?|dicen?|demuestran?|recomiendan|sugieren|indican?)\b|\bsegun \p{L}+/u,
  },
}));
