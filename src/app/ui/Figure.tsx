/** A number with its name, in a list of such (dl). */
export function Figure({ name, value, large = false }: { name: string; value: string; large?: boolean }) {
  return (
    <div>
      <dt className="text-[12px] text-ink-2">{name}</dt>
      <dd className={`figures font-semibold ${large ? "text-lg" : "text-[15px]"}`}>{value}</dd>
    </div>
  );
}
