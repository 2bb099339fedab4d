/**
 * What was worked out before, by key, and never more than so many of them: when it is full it is emptied, which costs a
 * little work again and no more. Nothing in core remembers without a bound.
 */
export class Memory<Key, Value> {
  private readonly known = new Map<Key, Value>()
  private readonly most: number

  /** @param most - values kept at once */
  constructor(most: number) {
    this.most = most
  }

  get(key: Key): Value | undefined {
    return this.known.get(key)
  }

  keep(key: Key, value: Value): Value {
    if (this.known.size >= this.most && !this.known.has(key)) this.known.clear()
    this.known.set(key, value)
    return value
  }

  /** The value of a key, made when it is first asked for; `undefined` is remembered like any other. */
  recall(key: Key, make: (key: Key) => Value): Value {
    const known = this.known.get(key)
    return known !== undefined || this.known.has(key) ? (known as Value) : this.keep(key, make(key))
  }
}
