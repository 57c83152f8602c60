import { folded, type IntentRules } from "./rules";

export const spanishIntents: IntentRules = {
  code: "es",
  signals: [
    {
      intent: "local",
      words: folded("cerca dirección"),
      phrases: ["cerca de", "abierto ahora"],
    },
    {
      intent: "transactional",
      words: folded(
        "comprar pedir alquilar alquiler reservar tienda venta oferta ofertas descuento descuentos cupón barato barata baratos baratas usado usada leasing suscripción descargar presupuesto",
      ),
      phrases: ["en venta", "segunda mano", "donde comprar"],
    },
    {
      intent: "navigational",
      words: folded("login web cuenta contacto app inicio www"),
      phrases: ["iniciar sesion", "sitio oficial", "atencion al"],
    },
    {
      intent: "commercial",
      words: folded(
        "mejor mejores top opiniones opinión reseña reseñas comparar comparativa comparación vs versus alternativa alternativas precio precios coste costo cuesta recomendado",
      ),
      phrases: ["cuanto cuesta", "vale la"],
    },
    {
      intent: "informational",
      words: folded(
        "cómo qué por cuándo dónde quién cuál cuáles guía tutorial consejos consejo trucos ideas significado definición ejemplo ejemplos aprender mantenimiento reparar limpiar limpieza diferencia ventajas desventajas reglas ley seguro historia plantilla problemas",
      ),
      phrases: ["por que", "paso a", "para principiantes"],
    },
  ],
  questions: folded("cómo qué cuándo dónde quién quiénes cuál cuáles cuánto cuánta puede debe es son"),
};
