/** Which words were written for the student and which are theirs. */
export function WordingKey() {
  return (
    <section aria-label="Wording" className="flex flex-col gap-1.5 text-[0.95rem]">
      <h2 className="eyebrow">Wording</h2>
      <p className="border-l-3 border-rule pl-3">written for you</p>
      <p className="border-l-3 border-hop pl-3">taken over by you</p>
      <p>
        <mark className="rounded bg-hop-wash px-1 text-ink">your own words</mark> stay as they are
      </p>
    </section>
  )
}
