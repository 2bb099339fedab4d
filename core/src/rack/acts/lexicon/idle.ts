/** Words that say nothing of their own in an act. */
export const IDLE: ReadonlySet<string> = new Set(
  `treat treated treating react reacted mixed alkaline basic neutral neutralise neutralised neutralize acidic crystallise evaporated rinsed passed portionwise sample unknown keeping attach arrange adjust apply adding bring carry check combine connect continue continued cover crush divide drain draw drip ensure evaporate fill filled fit fix
   grind immerse immersed keep kept measure measured measuring move notice noticed open plunge push raise record recorded rotate rub scrape separate set smear spread sprinkle
   squeeze stopper support suspend suspended tilt tilted top turn turned twist weigh wipe wet beaker bath burner clamp cork crucible dish flask funnel gauze holder mat
   needle nozzle rack spoon teat tile tongs tripod wall also finally later meanwhile now soon straight twice enough exactly nearly quite rather roughly several such whole
   within any observations observation seen see what's whats happened reacts reaction gases produced evolved coming comes came colour changes its it's them they whatever
   either between next-door beside along across toward towards onto per each every much many same-tube old
   wire a an the of some more further another again same added add adding adds put place placed dip dipped drop dropped pour poured chucked chuck in it
   its was were is are from i my we our solution soln solutions mixture solid tube tubes portion dilute dil aqueous aq clean dry cold water-bath strip any
   anything at there no change for by pipette ribbon clean washed distilled deionised acid down side held hold holding into tap under which observe
   observed note watch few so compound test tests tested tst piece do did done use used using touch touched touch stir rod glass fresh be been has had until
   till about around all each time just quickly immediately at once only drop over near above mouth top bottom end repeat repeated carry out carried try tried
   take took taken get got give gave it's this that these those up off out with without remove removed collect collected wash washing rinse dab press lower
   introduce introduced insert inserted bring brought present freshly made prepared saturated ice little bit two both together one s my own careful next cm3
   while when as if damp moist wet given off delivery powder crystals loop same using sample's popped stuck dunked bunged shoved squirt squirted tipped plonked lobbed dripped slapped transfer transferred half pick picked repeat moisten moistened instead acidify acidifed acidifying sample's contents content what happens see bench reagent bottle soak soaked sand stuff tip shook run ran gave made make makes blue warm hot
   strong stronger weak extra pure iced lots first second third small large big new old slight very really too also lit`.split(
    /\s+/,
  ),
)
