/** Which words were written for the student and which are theirs. */
export function WordingKey() {
  return (
    <section aria-label="Wording" className="flex flex-col gap-1.5 text-[0.95rem]">
      <h2 className="eyebrow">Wording</h2>
      <p>
        <span className="shadow-[inset_0_-2px_0_var(--rule)]">written for you</span>, until you take it over
      </p>
      <p>
        <span className="shadow-[inset_0_-2px_0_var(--hop)]">taken over by you</span>
      </p>
      <p>
        <mark className="rounded bg-hop-wash px-1 text-ink">your own words</mark> stay as they are
      </p>
    </section>
  )
}
