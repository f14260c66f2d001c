// Written by `./regimen types` from the classes in app/Pages. Do not edit: change the class.

export interface Acceptance {
    by: string;
    reason: string;
}

export interface AcceptedLine {
    title: string;
    figures: string;
    reason: string;
    by: string;
    at: string;
    revision: number;
}

export interface AccountProps {
    email: string;
    signIns: SignInLine[];
    hasSecond: boolean;
    codesLeft: number;
    codes: string[];
    secret: string;
    square: string;
    squareSize: number;
    shopNeedsIt: boolean;
    hasBenchCode: boolean;
}

/** The same went wrong before. */
export interface Again {
    heading: string;
    words: string;
    operation: number | null;
    seen: number | null;
    instruction: string;
}

/** What a client has approved, and what was agreed or offered since. */
export interface Agreement {
    approved: string;
    approvable: number | null;
    draft: number | null;
    draftVersion: number;
    orders: OrderLine[];
    currency: string;
}

export interface AirLimits {
    coldest: number;
    dampest: number;
}

export interface AirNow {
    words: string;
    forbids: string | null;
}

export interface AirRead {
    at: string;
    temperature: string;
    humidity: string;
    source: string;
}

/** Two entries that may be one person. */
export interface AlikeLine {
    id: number;
    name: string;
    version: number;
    other: number;
    otherName: string;
    otherVersion: number;
    why: string;
}

export interface Arrival {
    build: number;
    names: string[];
    expectedOn: string;
    late: boolean;
}

export interface Asked {
    key: string;
    label: string;
    now: string;
    options: Option[];
}

export interface AuditLine {
    id: number;
    at: string;
    kind: string;
    words: string;
    place: string;
}

export interface AuditProps {
    entries: AuditLine[];
}

/** A reason to be called away. */
export interface AwayOption {
    value: string;
    words: string;
}

/** A block of their own, in minutes after midnight; without them the whole day. */
export interface AwayPart {
    from: number | null;
    to: number | null;
    words: string;
}

export interface AwayProps {
    headline: string;
    works: SentLine[];
    before: string[];
    builds: Option[];
    suppliers: Option[];
    build: number | null;
    routeVersion: number;
    operation: string;
    operations: SendChoice[];
    today: string;
}

/** What a bank’s file holds. */
export interface BankLooked {
    words: string;
    rows: BankRow[];
    invoices: Option[];
    problem: string;
}

export interface BankProps {
    version: number;
    isSet: boolean;
    date: string;
    amount: string;
    words: string;
    currency: string;
    dayFirst: boolean;
}

/** Money that came, and which invoice it is meant for. */
export interface BankRow {
    fingerprint: string;
    on: string;
    amount: string;
    words: string;
    invoice: string;
    isCertain: boolean;
    because: string;
    isTaken: boolean;
}

/** The foot of every page. */
export interface Bench {
    clocks: RunningClock[];
    holds: HoldUnderWay[];
    next: NextThing | null;
}

/** One’s own clock. */
export interface BenchClock {
    id: number;
    since: string;
}

export interface BenchFile {
    key: string;
    name: string;
}

/** One line of a list to tick. */
export interface BenchJoint {
    item: string;
    by: string;
}

/** A list that is gone through: joints to solder, what to look at before something is closed. */
export interface BenchList {
    key: string;
    title: string;
    items: BenchJoint[];
}

/** Somebody who opens the shared tablet by a code. */
export interface BenchName {
    id: number;
    name: string;
}

/** What comes next today. */
export interface BenchNext {
    operation: number;
    build: number;
    name: string;
    from: string;
    because: string;
}

export interface BenchProps {
    id: number;
    person: string;
    now: UnderHand | null;
    next: BenchNext[];
    missing: MissingDay | null;
    gentle: boolean;
    changed: DayChange[];
    reasons: AwayOption[];
    away: string | null;
    shared: boolean;
    fits: string;
    fitting: BenchNext[];
}

export interface BenchTable {
    key: string;
    name: string;
    heads: string[];
    rows: string[][];
}

export interface BetterPlan {
    id: number;
    at: string;
    gains: FinishMoved[];
    moves: PersonMoved[];
}

/** Estimates against what was worked, by one thing. */
export interface BiasGroup {
    by: string;
    lines: BiasLine[];
}

/** What was estimated and what was worked. */
export interface BiasLine {
    name: string;
    estimated: string;
    worked: string;
    ratio: string;
    spread: string;
    n: number;
    isOff: boolean;
}

export interface BitLine {
    id: number;
    name: string;
    words: string;
    dull: boolean;
    version: number;
}

/** What was cut for a build and is not made into anything yet. */
export interface BlankLine {
    id: number;
    build: number;
    title: string;
    what: string;
    size: string;
    species: string;
    board: number;
    place: string;
    money: string | null;
    settled: string;
    ready: boolean;
}

export interface BoardLine {
    id: number;
    species: string;
    size: string;
    feet: string;
    cut: string;
    place: string;
    money: string | null;
    moisture: string;
    readyOn: string | null;
    ready: boolean;
    protected: boolean;
    serves: number;
}

export interface BoardProps {
    id: number;
    version: number;
    headline: string;
    under: string;
    size: string;
    length: number;
    width: number;
    colour: string;
    money: string | null;
    papers: string;
    protected: boolean;
    note: string;
    place: string;
    figure: string;
    origin: string;
    photographs: number[];
    gone: string;
    settling: string;
    because: string;
    defects: DefectLine[];
    serves: ServedLine[];
    not: string[];
    layout: MarkedLine | null;
    without: string[];
    readings: BoardReadingLine[];
    kinds: Option[];
}

export interface BoardReadingLine {
    id: number;
    at: string;
    by: string;
    moisture: string;
    weight: string;
}

/** Boards as a table, in and out. */
export interface BoardTableProps {
    columns: string[];
}

export interface BoardsProps {
    headline: string;
    balance: string;
    boards: BoardLine[];
    find: string;
    more: number;
    needs: NeedLine[];
    blanks: BlankLine[];
    species: string[];
    cuts: Option[];
    today: string;
}

export interface Broken {
    key: string;
    title: string;
    words: string;
    severity: Severity;
    rule: string;
}

/** Hours or money that were set for a build and will not do. */
export interface BudgetInDanger {
    build: number;
    title: string;
    words: string;
}

/** The time between the middle of what is likely and the promise, and how much of it is eaten. */
export interface BufferShown {
    words: string;
    eaten: number;
    done: number;
    because: string;
}

/** One open build with its dates. */
export interface BuildChanceLine {
    number: number;
    title: string;
    promisedOn: string | null;
    planned: string | null;
    by50: string | null;
    by80: string | null;
    by95: string | null;
    percent: number | null;
    hangs: string;
}

export interface BuildHistory {
    number: number;
    title: string;
    slips: number;
    days: number;
    promisedOn: string | null;
    finish: string | null;
    words: string;
    moves: FinishMove[];
}

/** A build in a line, as lists show it. */
export interface BuildLine {
    number: number;
    title: string;
    inOneLine: string;
    drawing: Drawing;
    inked: Inked;
    promisedOn: string | null;
    finish: string | null;
    verdict: Verdict;
    slackDays: number | null;
    slackWords: string;
}

export interface BuildMoneyProps {
    number: number;
    title: string;
    client: string;
    clientId: number | null;
    version: number;
    headline: string;
    under: string;
    currency: string;
    price: string;
    priceBy: string;
    effort: string;
    parts: PartRow[];
    stages: Option[];
    taxes: Option[];
    tax: string;
    papers: Paper[];
    payments: PaymentRow[];
    standing: Row[];
    made: Row[];
    against: string;
    asked: Record<string, string>;
    choices: Choosing[];
    problem: string;
    quoted: WhyRow[];
    why: Row[];
    clients: Option[];
    cancelling: Cancelling | null;
    today: string;
}

/** A build by its number and name. */
export interface BuildName {
    number: number;
    title: string;
}

/** A piece as it is in a build. */
export interface BuildPiece {
    kind: string;
    words: string;
    from: string;
    done: number;
    all: number;
    minutes: number;
    joined: string;
}

export interface BuildSheetProps {
    build: SheetBuild;
    drawing: Drawing;
    next: NextStep | null;
    holdsFinish: string | null;
    specification: SpecificationSheet;
    operations: SheetOperation[];
    kit: SheetKitLine[];
    measured: MeasuredSheet;
    hours: HoursLine[];
    progress: Progress;
    logbook: LogLine[];
    photographs: PhotographLine[];
    setbacks: SetbackLine[];
    pieces: BuildPiece[];
    tell: TellForm | null;
    people: PersonName[];
    chain?: ReasonChain;
}

export interface BuildStanding {
    finish: string | null;
    promise: string | null;
    slack: string;
    late: boolean;
}

/** One shape that a build asks for, and what there is of it. */
export interface BuildTemplateRow {
    shape: string;
    what: string;
    fits: boolean;
    words: string;
    template: number | null;
    operations: string[];
}

export interface BuildTemplatesProps {
    number: number;
    title: string;
    headline: string;
    rows: BuildTemplateRow[];
    making: string;
    open: boolean;
}

export interface BuildsProps {
    open: OpenBuild[];
    finished: FinishedBuild[];
}

export interface CalendarDay {
    date: string;
    closed: string | null;
}

export interface CalendarPerson {
    id: number;
    name: string;
    week: Record<number, string>;
    minutes: Record<string, DayMinutes>;
    away: Removable[];
    longer: Removable[];
}

export interface CalendarProps {
    heading: string;
    today: string;
    days: CalendarDay[];
    people: CalendarPerson[];
    outages: Removable[];
    open: string[];
    closed: ClosedDayLine[];
    forms: ChangeForm[];
}

/** What goes back when a commission is cancelled. */
export interface Cancelling {
    words: string;
    rows: Row[];
    elsewhere: string[];
    back: string;
}

export interface CareLine {
    heading: string;
    sentences: string[];
}

export interface CatalogueProps {
    headline: string;
    parts: PartInCatalogue[];
    find: string;
    more: number;
    groups: Option[];
    prices: Option[];
    units: string[];
    value: string | null;
}

export interface CauseGroup {
    name: string;
    rows: CauseRow[];
}

/** What comes back, grouped by one thing. */
export interface CauseRow {
    name: string;
    count: number;
    minutes: number;
    money: string | null;
    perHundred: number | null;
    because: string;
}

/** A day on which a build is over in some of the runs. */
export interface ChanceDay {
    day: string;
    runs: number;
}

/** A day by which something is over with such a chance, in per cent. */
export interface ChanceOfDay {
    day: string;
    percent: number;
}

export interface ChanceProps {
    number: number;
    title: string;
    client: string;
    promisedOn: string | null;
    headline: string;
    under: string;
    standing: HelpState;
    madeAt: string | null;
    from: string;
    to: string;
    promiseAt: string | null;
    by50: string | null;
    by80: string | null;
    by95: string | null;
    chance: number | null;
    wanted: number;
    days: ChanceDay[];
    free: [string, string][];
    strip: Mark[];
    hangs: HangLine[];
    raises: RaiseLine[];
    raising: HelpState;
    buffer: BufferShown | null;
    honest: Honest;
    version: number;
}

/** How sure a date is. */
export interface ChanceShown {
    percent: number | null;
    by50: string;
    by80: string | null;
    by95: string | null;
    words: string;
}

/** Something that is another than it was. */
export interface Change {
    name: string;
    before: string;
    after: string;
}

/** One thing that a change has to say. */
export interface ChangeField {
    name: string;
    label: string;
    type: 'text' | 'date' | 'moment';
    options: Option[] | null;
    hint: string;
    value: string;
}

/** How a kind of change is asked for. */
export interface ChangeForm {
    kind: string;
    words: string;
    fields: ChangeField[];
}

/** What a change comes to, worked out from the state of the work today. */
export interface ChangeShown {
    values: Change[];
    before: Drawing | null;
    after: Drawing | null;
    lines: [string, string][];
    spoiled: string[];
    impossible: string[];
    price: string;
    promise: string;
    problem: string;
}

/** A figure that comes out otherwise than it was drawn. */
export interface Changed {
    name: string;
    drawn: string;
    measured: string;
}

/** One thing otherwise about a sketch, and what it saves. */
export interface CheaperLine {
    field: string;
    from: string;
    to: string;
    saves: string;
    price: string;
    takes: string;
    isWithin: boolean;
}

/** What can be otherwise in a price. */
export interface Choosing {
    key: string;
    label: string;
    value: string;
    options: Option[];
}

/** Work of the shop's own that comes again. */
export interface ChoreLine {
    id: number;
    version: number;
    name: string;
    person: string;
    everyDays: number;
    minutes: number;
    dueOn: string;
    plannedOn: string | null;
    doneOn: string | null;
    overdue: boolean;
}

export interface ChoresProps {
    headline: string;
    chores: ChoreLine[];
    people: Option[];
}

export interface ClashWords {
    words: string;
    because: string;
}

/** An instrument of a client. */
export interface ClientBuild {
    number: number;
    title: string;
    model: string;
    words: string;
    open: boolean;
}

export interface ClientLetterProps {
    number: number;
    title: string;
    client: string;
    kinds: Option[];
    kind: string;
    to: string;
    subject: string;
    body: string;
    sent: LetterSent[];
}

/** A client in the list. */
export interface ClientLine {
    id: number;
    name: string;
    reach: string;
    open: number[];
    over: number;
    lastTalk: string | null;
}

export interface ClientProps {
    id: number;
    version: number;
    headline: string;
    said: Record<string, string>;
    forgotten: string | null;
    builds: ClientBuild[];
    talks: TalkLine[];
    deleting: string;
    canDelete: boolean;
}

/** What a client sees of their instrument. */
export interface ClientSheet {
    language: string;
    shop: string;
    client: string;
    instrument: string;
    headline: string;
    drawing: Drawing | null;
    inked: Inked;
    stages: [string, number, boolean][];
    decisions: [number, string, string[], string, string, string][];
    promise: string;
    since: string;
    photographs: [number, string, string][];
    payments: [string, string, string][];
    papers: [string, string, string][];
    mail: string;
}

export interface ClientsProps {
    headline: string;
    find: string;
    clients: ClientLine[];
    more: boolean;
    alike: AlikeLine[];
}

export interface ClimateProps {
    readings: Reading[];
    since: string;
    now: AirRead | null;
    forbids: string | null;
    factor: string;
    isStretched: boolean;
    limits: AirLimits;
}

export interface ClosedDayLine {
    id: number;
    date: string;
    note: string;
}

export interface CompareProps {
    build: BuildName;
    asked: Record<string, string>;
    fields: Asked[];
    questions: Asked[];
    presets: Preset[];
    comparison: RouteComparison | null;
}

export interface ComparedRow {
    name: string;
    today: string;
    other: string;
}

export interface ComputedFigure {
    key: string;
    name: string;
    value: string;
    other: string;
    group: string;
    because: string;
}

export interface CopyLine {
    name: string;
    at: string;
    size: string;
    isSealed: boolean;
}

/** A board or a need that can be taken into a cutting plan. */
export interface CutChoice {
    key: string;
    words: string;
    under: string;
    chosen: boolean;
}

/** What a need takes of a board’s cost. */
export interface CutCost {
    words: string;
    money: string | null;
}

/** A cutting plan: boards, what is cut from them, and where it lies. */
export interface CuttingProps {
    headline: string;
    choices: CutChoice[];
    needs: CutChoice[];
    boards: MarkedLine[];
    without: string[];
    at: string[];
    byHand: boolean;
    turned: boolean;
    sound: boolean;
    tries: number;
    weak: string;
    cautions: string[];
}

/** What has changed in somebody’s day. */
export interface DayChange {
    words: string;
    because: string;
}

export interface DayMinutes {
    minutes: number;
    usual: number;
    words: string;
}

export interface DaysSpent {
    labour: number;
    holds: number;
    parts: number;
    closed: number;
}

export interface Decision {
    build: number;
    title: string;
    what: string;
    until: string;
    operation: string;
}

/** Something that a client decides. */
export interface DecisionLine {
    id: number;
    question: string;
    options: string[];
    words: string;
    open: boolean;
    isLate: boolean;
}

/** A mark on the face of a board, in mm. */
export interface DefectLine {
    id: number;
    kind: string;
    from: number;
    across: number;
    length: number;
    width: number;
}

/** Somebody of the demo shop who can sign in. */
export interface DemoSignIn {
    name: string;
    role: string;
    email: string;
    password: string;
}

export interface DiskLine {
    what: string;
    words: string;
    warn: boolean;
}

export interface Down {
    key: string;
    from: number;
    to: number;
    note: string;
}

/** A part that a kit needs and that lies in stock. */
export interface DrawerLine {
    line: number;
    version: number;
    part: number;
    name: string;
    wanted: string;
    quantity: number;
    unit: string;
    place: string;
    build: number;
    title: string;
    neededOn: string | null;
}

export interface Drawing {
    key: string;
    title: string;
    box: [number, number, number, number];
    shapes: Shape[];
}

/** A part of a price that is not invoiced yet. */
export interface DuePart {
    id: number;
    build: number;
    title: string;
    client: string;
    what: string;
    amount: string;
    minor: number;
    words: string;
    isDue: boolean;
}

export interface EarnedProps {
    headline: string;
    under: string;
    by: string;
    year: number;
    years: number[];
    currency: string;
    rows: EarnedRow[];
    all: EarnedRow | null;
    rate: number;
    rateWords: string;
    beside: Row[];
}

/** What somebody or something earned. */
export interface EarnedRow {
    key: string;
    name: string;
    because: string;
    build: number | null;
    price: string;
    material: string;
    outside: string;
    hours: string;
    left: string;
    anHour: string;
    share: number;
    isBelow: boolean;
}

/** What changes would do, beside the plan that is in force. */
export interface Effect {
    words: string[];
    headline: string;
    builds: EffectOnBuild[];
    people: EffectOnPerson[];
    troubles: string[];
    money: string[];
}

export interface EffectOnBuild {
    number: number;
    title: string;
    isNew: boolean;
    before: BuildStanding | null;
    after: BuildStanding;
    gained: boolean;
    broken: boolean;
}

export interface EffectOnPerson {
    person: string;
    moves: MovedOperation[];
    more: number;
}

export interface EnquiriesProps {
    headline: string;
    under: string;
    open: EnquiryLine[];
    closed: string[];
}

/** An open enquiry as a sentence, with what to do next. */
export interface EnquiryLine {
    id: number;
    client: string;
    words: string;
    next: string;
    address: string;
    urgent: boolean;
}

export interface EnquiryProps {
    id: number;
    version: number;
    headline: string;
    clientId: number;
    client: string;
    likes: string;
    at: string;
    wishes: string;
    budget: string;
    wantedBy: string;
    closed: string | null;
    currency: string;
    sketches: SketchLine[];
    dates?: SketchDates[];
    quotes: QuoteLine[];
    pictures: PictureLine[];
}

export interface ErrorProps {
    status: number;
    headline: string;
    under: string;
}

export interface FactGroupLine {
    name: string;
    facts: FactLine[];
}

export interface FactLine {
    what: string;
    value: string;
    known: string;
}

export interface FactsProps {
    build: number;
    title: string;
    inOneLine: string;
    finished: boolean;
    missing: string;
    drawing: Drawing;
    groups: FactGroupLine[];
    care: CareLine[];
    photographs: number[];
}

export interface FeedLine {
    id: number;
    of: string;
    address: string | null;
    at: string;
    readAt: string | null;
}

export interface FeedsProps {
    feeds: FeedLine[];
    people: Option[];
    builds: Option[];
    manager: boolean;
}

/** A figure that is proposed for what a player said, with its reason and its price in other wishes. */
export interface FeelLine {
    field: string;
    label: string;
    typed: string;
    rows: Record<string, string>[] | null;
    words: string;
    because: string;
    costs: string;
}

export interface FieldDefinition {
    key: string;
    label: string;
    hint: string;
    default: string;
    kind: FieldInput;
    options: Option[];
    columns: FieldDefinition[];
    most: number;
}

export interface FieldGroup {
    key: string;
    name: string;
    fields: FieldDefinition[];
}

/** How a field of the specification is written. */
export type FieldInput = 'choice' | 'prose' | 'rows' | 'text' | 'figure';

/** A figure of a part: as measured, and as its data sheet says. */
export interface FigureOfPart {
    field: string;
    label: string;
    measured: string;
    sheet: string;
}

export interface FileLine {
    id: number;
    name: string;
    size: string;
}

/** What a file would change, before anything is replaced. */
export interface FileSeen {
    changes: Change[];
    problem: string;
    words: string;
}

export interface FindingsChanged {
    new: string[];
    gone: string[];
}

export interface FinishLine {
    id: number;
    version: number;
    name: string;
    body_coats: number;
    neck_coats: number;
    coats_a_day: number;
    after_first: string;
    between_coats: string;
    overnight: string;
    cure: string;
    window: string;
    source: string;
    history: HistoryLine[];
}

export interface FinishMove {
    at: string;
    cause: string;
    finish: string | null;
    days: number | null;
}

export interface FinishMoved {
    number: number;
    title: string;
    before: string | null;
    after: string | null;
}

export interface FinishedBuild {
    number: number;
    title: string;
    calledOff: boolean;
    writtenOff: boolean;
    finishedAt: string;
    promisedOn: string | null;
    estimatedMinutes: number;
    workedMinutes: number;
}

export interface FinishedProps {
    meanings: Option[];
    models: ModelName[];
}

/** One thing to set up in a new shop. */
export interface FirstStep {
    title: string;
    words: string;
    stands: string;
    address: string;
    action: string;
    done: boolean;
}

export interface FirstStepsProps {
    heading: string;
    steps: FirstStep[];
}

/** A kit that still needs such a part, and what the instrument has against this one. */
export interface FitLine {
    line: number;
    version: number;
    build: number;
    title: string;
    quantity: number;
    consequences: string[];
}

export interface ForClientProps {
    number: number;
    title: string;
    client: string;
    clientId: number | null;
    headline: string;
    address: string | null;
    standing: string;
    canOpen: boolean;
    sees: string[];
    photographs: number;
    decisions: DecisionLine[];
    operations: WaitingOperation[];
    travels: HowItTravels;
    version: number;
    currency: string;
    agreed: Agreement;
    change?: ChangeShown | null;
}

export interface Forecast {
    problems: Record<string, string>;
    values: Record<string, ShownValue>;
    figures: ForecastFigures | null;
}

export interface ForecastFigures {
    findings: SaidFinding[];
    hours: string;
    hoursBecause: string;
    material: string;
    materialBecause: string;
    price: string | null;
    priceBecause: string;
    deposit: string | null;
    ready: string | null;
    readyBecause: string;
    promisable: string | null;
    chances: ChanceOfDay[];
    promiseChance: number | null;
    promiseWords: string;
    verdict: Verdict;
    slackWords: string | null;
    drawing: Drawing;
    inOneLine: string;
    bodyThickness: string;
    lastFret: string;
}

export interface ForecastsProps {
    headline: string;
    under: string;
    figures: HonestFigure[];
    points: HonestPoint[];
    change: string[];
    bias: BiasGroup[];
    past: PastForecast[];
    outliers: KeptOut[];
    between: HonestFigure[];
    drift: string;
    open: number;
    replaying: boolean;
}

/** A hold that ends on the day, and what it frees. */
export interface FreedFixture {
    build: number;
    operation: string;
    fixture: string | null;
    until: string;
}

/** Heights of frets over a straight line, and what comes off. */
export interface FretPicture {
    heights: number[];
    off: number[];
    rocking: number[];
    crown: number;
    least: number;
    rocks: number;
}

/** One line of a gate. */
export interface GateLine {
    key: string;
    what: string;
    how: string;
    target: string;
    inches: string;
    unit: string;
    seen: boolean;
    places: GatePlace[];
    verdict: ReadingVerdict | null;
    complete: boolean;
    decided: string;
    drawn: string;
    middle: string;
}

/** A numbered place on the drawing. */
export interface GateMark {
    number: number;
    x: number;
    y: number;
    verdict: ReadingVerdict | null;
}

/** One place at which something is read. */
export interface GatePlace {
    number: number;
    place: string;
    readings: GateReading[];
    verdict: ReadingVerdict | null;
    outside: string;
}

export interface GateProps {
    headline: string;
    under: string;
    operation: number;
    version: number;
    name: string;
    build: number;
    open: boolean;
    problem: string;
    drawing: Drawing;
    marks: GateMark[];
    lines: GateLine[];
    outside: OutsideLine[];
    changed: Changed[];
    new: ShownFinding[];
    pieces: string[];
    chart: ReadChart | null;
    lastReading: number;
    canClose: boolean;
    manager: boolean;
    starts: boolean;
}

/** One reading as it was written down. */
export interface GateReading {
    id: number;
    shown: string;
    by: string;
    at: string;
}

export interface GateTarget {
    what: string;
    how: string;
    words: string;
}

export interface GlueLine {
    key: string;
    words: string;
    share: string;
    own: boolean;
}

/** Something that a finish hangs on. */
export interface HangLine {
    words: string;
    mark: string;
    percent: number;
    href: string | null;
    because: string;
}

export interface HealthProps {
    heading: string;
    warn: boolean;
    failed: string;
    copies: CopyLine[];
    folder: string;
    inUse: string;
    isSealed: boolean;
    version: number;
    databaseSize: string;
    disks: DiskLine[];
    running: RunningLine[];
}

/** Who read it, with what. */
export interface HeldBy {
    who: string;
    count: number;
    words: string;
}

/** A reading that comes again with every instrument. */
export interface HeldLine {
    key: string;
    operation: string;
    chart: ReadChart;
    by: HeldBy[];
}

/** What is quoted and not answered, where it would be built behind everything that is promised. */
export interface HeldPlace {
    id: number;
    name: string;
    about: string;
    from: string;
    to: string;
    promiseAt: string;
    late: boolean;
    words: string;
}

export interface HeldProps {
    headline: string;
    lines: HeldLine[];
}

export interface HelpGain {
    number: number;
    title: string;
    before: string;
    after: string;
    late: boolean;
}

export interface HelpLine {
    words: string;
    kind: string;
    gains: HelpGain[];
    change: Record<string, number | string | null> | null;
}

export interface HelpProps {
    state: HelpState;
    tried: number;
    all: number;
    ranked: HelpLine[];
    methods: HelpLine[];
}

export type HelpState = 'none' | 'trying' | 'done' | 'failed';

export interface HistoryLine {
    version: number;
    at: string;
    by: string | null;
    source: string;
    words: string;
}

export interface HistoryProps {
    heading: string;
    builds: BuildHistory[];
}

export interface HoldUnderWay {
    build: number;
    operation: string;
    fixture: string | null;
    until: string;
}

/** How often what was forecast came true, in a small picture. */
export interface Honest {
    words: string;
    points: HonestPoint[];
}

/** One figure of how good forecasts are, with what it means. */
export interface HonestFigure {
    key: string;
    name: string;
    value: string;
    because: string;
    isOff: boolean;
}

/** Promises that were given with about the same chance, and how many of them were kept. */
export interface HonestPoint {
    given: number;
    held: number;
    n: number;
}

export interface HorizonBuild extends BuildLine {
    promiseAt: string | null;
    promiseKind: Promise;
    strip: Mark[];
    waits: string[];
    chance: ChanceShown | null;
}

export interface HorizonProps {
    headline: string;
    under: string;
    from: string;
    to: string;
    weeks: string[];
    free: [string, string][];
    builds: HorizonBuild[];
    offer: BetterPlan | null;
    items: [number, number, string, number, number, number, number | null, string | null, string | null, OperationState, number | null, boolean, boolean, [number, number][]][];
    people: PersonOff[];
    resources: OwnedResource[];
    outages: Down[];
    troubles: TroubleLine[];
    undo: UndoLine | null;
    weights: Record<string, number>;
    shopVersion: number;
    held?: HeldPlace[] | null;
}

export interface HoursLine {
    id: number;
    person: string;
    personId: number;
    operation: string;
    on: string;
    minutes: number | null;
    source: string;
    canStop: boolean;
    now: string;
    struck: boolean;
    struckBecause: string;
}

/** What one person worked in a year, month by month and by kind. */
export interface HoursOfPerson {
    name: string;
    months: string[];
    total: string;
    kinds: YearLine[];
}

export interface HoursProps {
    year: number;
    years: number[];
    months: string[];
    people: HoursOfPerson[];
    totals: string[];
    total: string;
}

/** How this house does it. */
export interface HouseInstruction {
    version: number;
    text: string;
    by: string;
    at: string;
    photographs: number[];
}

export interface HouseModelHead {
    id: number;
    version: number;
    isDefault: boolean;
}

export interface HouseModelLine {
    id: number;
    name: string;
    type: string;
    isDefault: boolean;
    inOneLine: string;
    drawing: Drawing | null;
    says: number;
}

export interface HouseModelProps {
    model: HouseModelHead | null;
    name: string;
    client: Record<string, string | Record<string, string>[]>;
    fields: FieldGroup[];
    worked: Worked;
}

export interface HouseModelsProps {
    models: HouseModelLine[];
}

export interface HouseProps {
    settings: Settings;
    closedDays: ClosedDayLine[];
    resources: ResourceLine[];
}

/** What a promise means, and how the instrument travels. */
export interface HowItTravels {
    words: string;
    means: string;
    carrier: string;
    days: string;
    cost: string;
    options: Option[];
    canChange: boolean;
    insurance: string;
    collecting: string;
    standsStill: string;
}

/** Which share of the labour on each piece is done, from 0 to 1. */
export interface Inked {
    neck: number;
    fretboard: number;
    body: number;
}

/** A line of an invoice. */
export interface InvoiceLine {
    text: string;
    tax: string;
    net: string;
}

export interface InvoiceProps {
    id: number;
    name: string;
    headline: string;
    build: number;
    title: string;
    seller: string[];
    buyer: string[];
    issuedOn: string;
    dueOn: string;
    lines: InvoiceLine[];
    sums: Row[];
    state: string;
    isLate: boolean;
    left: string;
    stands: boolean;
    other: number | null;
    otherName: string;
    unstructured: string;
    payments: PaymentRow[];
    currency: string;
    today: string;
}

/** A job that teaches nothing, and why. */
export interface KeptOut {
    operation: string;
    where: string;
    because: string;
}

export type KitState = 'needed' | 'ordered' | 'arrived' | 'used';

/** What stands on a label. */
export interface Label {
    kind: string;
    name: string;
    words: string;
    under: string;
}

/** Something that can have a label. */
export interface LabelLine {
    key: string;
    kind: string;
    words: string;
    under: string;
}

export interface LabelsProps {
    labels: LabelLine[];
    printer: string;
}

/** A piece on a board, in mm. */
export interface LaidLine {
    number: number;
    words: string;
    from: number;
    across: number;
    length: number;
    width: number;
    turn: string;
    line: string;
    curved: boolean;
    faults: string[];
}

/** Something that would bring a late part sooner. */
export interface LateHelp {
    words: string;
    day: string;
    change: Record<string, string | number> | null;
    part: number | null;
}

/** A part that has not come on its day: what waits for it, and what would help. */
export interface LatePart {
    line: number;
    version: number;
    name: string;
    quantity: number;
    unit: string;
    build: number;
    title: string;
    order: number | null;
    expectedOn: string;
    likelyOn: string;
    because: string;
    endangers: string;
    breaks: boolean;
    helps: LateHelp[];
}

export interface LearnedHours {
    best: string;
    labour: string;
    worst: string;
    jobs: number;
    ratios: number[];
    keptOut: string[];
}

/** A part of the weekly letter. */
export interface LetterPart {
    heading: string;
    lines: string[];
}

export interface LetterProps {
    heading: string;
    parts: LetterPart[];
    text: string;
    mail: string;
}

/** A letter as it was sent. */
export interface LetterSent {
    id: number;
    at: string;
    by: string;
    to: string;
    subject: string;
    body: string;
}

export interface LoadProps {
    heading: string;
    weeks: string[];
    rows: LoadRow[];
}

export interface LoadRow {
    kind: string;
    name: string;
    weeks: LoadWeek[];
    overbooked: string[];
}

export interface LoadWeek {
    there: number;
    planned: number;
    needed: number;
    share: number | null;
    wanted: number | null;
}

export interface LogLine {
    id: number;
    at: string;
    by: string | null;
    kind: string;
    text: string;
    corrected: string[];
}

/** Which entries are wanted; empty for all. */
export interface LogbookAsked {
    words: string;
    day: string;
    person: string;
    kind: string;
    build: string;
    problem: string;
}

export interface LogbookDay {
    day: string;
    lines: LogbookLine[];
}

export interface LogbookLine {
    id: number;
    at: string;
    by: string | null;
    build: number | null;
    kind: string;
    text: string;
    photograph: number | null;
    corrected: string[];
    corrects: number | null;
}

export interface LogbookProps {
    headline: string;
    days: LogbookDay[];
    asked: LogbookAsked;
    people: Option[];
    kinds: Option[];
    builds: Option[];
    earlier: number | null;
}

/** What is left of what came at one price. */
export interface LotLine {
    id: number;
    left: number;
    arrivedOn: string;
    supplier: string;
    value: string | null;
    openedOn: string | null;
    bestBefore: string | null;
    over: boolean;
    wrong: string;
}

/** One mark in a strip in time. */
export interface Mark {
    ply: number | null;
    kind: MarkKind;
    from: string;
    to: string;
    done: boolean;
    words: string;
}

/** Labour is solid, a hold hatched, waiting open, a gate a ring. */
export type MarkKind = 'labour' | 'hold' | 'wait' | 'gate';

/** A board with pieces marked on it. Lengths in mm. */
export interface MarkedLine {
    board: number;
    version: number;
    name: string;
    size: string;
    colour: string;
    length: number;
    width: number;
    trim: number;
    defects: DefectLine[];
    laid: LaidLine[];
    cuts: SawLine[];
    order: string[];
    offcuts: OffcutLine[];
    usedPercent: number;
    keptPercent: number;
    costs: CutCost[];
    settling: string;
}

export interface MeasurablePart {
    value: string;
    words: string;
    fields: Option[];
}

export interface MeasuredRow {
    id: number;
    part: string;
    name: string;
    value: string;
    drawn: string;
    instrument: string;
    by: string;
    at: string;
    counts: boolean;
}

export interface MeasuredSheet {
    rows: MeasuredRow[];
    new: ShownFinding[];
    gone: ShownFinding[];
    problems: string[];
    parts: MeasurablePart[];
    changed: Changed[];
}

/** What can have happened. */
export interface MishapOption {
    value: string;
    words: string;
    pieces: string[];
    fret: boolean;
    delay: boolean;
}

/** A day of which something is missing. */
export interface MissingDay {
    day: string;
    minutes: number;
}

export interface ModelName {
    id: number;
    name: string;
    type: string;
}

export interface MoneyProps {
    headline: string;
    under: string;
    currency: string;
    missing: string;
    owed: Paper[];
    due: DuePart[];
    weeks: WeekOfMoney[];
    papers: Paper[];
    year: number;
}

/** What a month brings: in one of ten runs at most, in half of them, in nine of ten at most. */
export interface MonthToCome {
    month: string;
    hours: number[];
    money: string[];
}

export interface MovedOperation {
    words: string;
    from: string | null;
    to: string | null;
}

/** A change of the stock. */
export interface MovementLine {
    on: string;
    words: string;
    quantity: number;
    cost: string | null;
    by: string;
}

export interface NamesProps {
    names: BenchName[];
}

/** What a build is still to be cut from. */
export interface NeedLine {
    build: number;
    title: string;
    what: string;
    size: string;
    timber: string;
    boards: number[];
    small: boolean;
}

export interface NewCommissionProps {
    takesIn: boolean;
    nextNumber: number;
    fields: FieldGroup[];
    models: ModelName[];
    clients: string[];
    client: string;
    currency: string;
    depositPercent: number;
    today: string;
    promiseKinds: Option[];
    again: number | null;
    againWords: string;
    specification: Record<string, string | Record<string, string>[]>;
}

/** What is to be done next with a build. */
export interface NextStep {
    words: string;
    action: string;
    address: string;
}

export interface NextThing {
    build: number;
    operation: string;
    operationId: number;
    version: number;
    start: string;
}

/** What is left of a board and kept, in mm. */
export interface OffcutLine {
    words: string;
    money: string | null;
    from: number;
    across: number;
    length: number;
    width: number;
}

/** What a supplier asks for a part. */
export interface OfferLine {
    id: number;
    supplierId: number;
    supplier: string;
    number: string;
    cost: string | null;
    leadDays: number;
    learned: string;
}

/** An order of which something is still to come. */
export interface OnTheWay {
    id: number;
    supplier: string;
    what: string;
    for: string;
    orderedOn: string;
    expectedOn: string;
    likelyOn: string;
    ninthOn: string;
    neededOn: string | null;
    overdue: boolean;
    cost: string | null;
}

export interface OpenBuild extends BuildLine {
    stage: string;
}

export type OpenShopProps = Record<string, never>;

export interface OperationBefore {
    id: number;
    name: string;
    over: boolean;
    reason: string;
}

export type OperationState = 'open' | 'started' | 'holding' | 'done';

export interface OperationToTakeIn {
    id: number;
    name: string;
    minutes: number;
    holds: boolean;
    before: number[];
}

/** One of several to choose from. */
export interface Option {
    value: string;
    words: string;
}

/** A change order, and what became of it. */
export interface OrderLine {
    id: number;
    version: number;
    number: number;
    what: string;
    words: string;
    follows: string[];
    open: boolean;
}

export interface OrderProps {
    id: number;
    version: number;
    headline: string;
    supplier: string;
    hasMail: boolean;
    address: string;
    orderedOn: string;
    expectedOn: string;
    overdue: boolean;
    open: boolean;
    express: boolean;
    note: string;
    learned: string;
    mailed: string;
    freight: string;
    total: string | null;
    lines: OrderedLine[];
    parcels: ParcelShown[];
}

/** A line of an order, and what of it came. */
export interface OrderedLine {
    id: number;
    name: string;
    number: string;
    quantity: number;
    unit: string;
    came: number;
    missing: number;
    sentBack: number;
    for: string;
    build: number | null;
    part: number | null;
    place: string;
    cost: string | null;
    costToCome: string | null;
    keeps: boolean;
    measure: Option[];
}

export interface OutlineLine {
    name: string;
    drawing: Drawing;
    share: number;
    length: string;
    area: string;
    perimeter: string;
    isSymmetric: boolean;
}

export interface OutlinesProps {
    width: string;
    outlines: OutlineLine[];
}

/** A line outside of its tolerance on which nothing is decided. */
export interface OutsideLine {
    key: string;
    what: string;
    words: string;
    reworks: UsualRework[];
}

export interface OwnedResource {
    id: number;
    key: string;
    kind: string;
    name: string;
    capacity: number;
}

/** An invoice or a credit note in a list. */
export interface Paper {
    id: number;
    name: string;
    on: string;
    build: number;
    client: string;
    what: string;
    amount: string;
    left: string;
    state: string;
    isLate: boolean;
}

/** A board of a protected timber. */
export interface PapersBoard {
    id: number;
    words: string;
    origin: string;
    papers: string;
}

/** An instrument with protected timber or shell in it. */
export interface PapersBuild {
    number: number;
    title: string;
    version: number;
    what: string;
    lots: string[];
    papers: string;
}

/** Protected timber and shell, in stock and in instruments, and what papers are on file. */
export interface PapersProps {
    headline: string;
    boards: PapersBoard[];
    builds: PapersBuild[];
}

/** A parcel that came of an order. */
export interface ParcelShown {
    arrivedOn: string;
    by: string;
    lines: string[];
    freight: string | null;
}

/** A part of the catalogue and its stock. */
export interface PartInCatalogue {
    id: number;
    name: string;
    group: string;
    unit: string;
    place: string;
    free: number;
    reserved: number;
    coming: number;
    reorderAt: number | null;
    short: boolean;
    suppliers: string;
    value: string | null;
    seen: number;
}

export interface PartLine {
    id: number;
    build: number;
    title: string;
    name: string;
    quantity: number;
    unit: string;
    supplier: string;
    version: number;
    leadDays: number;
    expectedOn: string | null;
    overdue: boolean;
    neededOn: string | null;
    cost: string | null;
    usualDays: number;
    likely: string;
    orderBy: string | null;
}

export interface PartNeeded {
    name: string;
    state: string;
}

export interface PartProps {
    id: number;
    version: number;
    name: string;
    group: string;
    unit: string;
    place: string;
    byUse: boolean;
    least: string;
    note: string;
    priceKey: string;
    kept: boolean;
    free: number;
    reserved: number;
    coming: number;
    reorder: string;
    lots: LotLine[];
    offers: OfferLine[];
    figures: FigureOfPart[];
    movements: MovementLine[];
    alternatives: number[];
    others: Option[];
    suppliers: Option[];
    builds: Option[];
    groups: Option[];
    prices: Option[];
    units: string[];
    history: string[];
}

/** A part of a build’s price. */
export interface PartRow {
    id: number;
    when: string;
    stage: string;
    what: string;
    amount: string;
    minor: number;
    invoice: number | null;
    words: string;
    isDue: boolean;
}

export interface PartTableProps {
    columns: string[];
}

export interface PartTakenIn {
    id: number;
    name: string;
    amount: string;
    state: KitState;
}

/** A part of the catalogue whose figures can be taken into a specification. */
export interface PartToPick {
    id: number;
    name: string;
    words: string;
    fields: Record<string, string>;
}

export interface PartsProps {
    expected: PartLine[];
    toOrder: PartLine[];
    prices: PriceLine[];
    suppliers: SupplierLine[];
    today: string;
}

export interface PasswordLinkProps {
    token: string;
    works: boolean;
}

/** A build that is over, and what was forecast of it. */
export interface PastForecast {
    number: number;
    title: string;
    given: string;
    from: string;
    to: string;
    middle: string;
    planned: string | null;
    finished: string;
    promisedOn: string | null;
    percent: number | null;
    held: boolean;
    replayed: boolean;
}

export interface PatternLine {
    id: number;
    name: string;
    changes: number;
    methods: number;
}

/** Money that came or went back. */
export interface PaymentRow {
    id: number;
    on: string;
    amount: string;
    how: string;
    invoice: string;
    struck: string;
}

export interface PeopleProps {
    people: PersonLine[];
    skills: string[];
    shopRate: string;
    shopHours: Record<number, string>;
    today: string;
    needsSecondFactor: boolean;
    tablets: TabletLine[];
    withCode: number[];
}

export interface PersonLine {
    id: number;
    name: string;
    email: string | null;
    skills: string[];
    speeds: Record<string, number>;
    active: boolean;
    version: number;
    role: string;
    signsIn: boolean;
    hasSecond: boolean;
    rate: string;
    ownHours: boolean;
    hours: Record<number, string>;
    minutesAWeek: number;
    daysOff: ClosedDayLine[];
}

export interface PersonMoved {
    person: string;
    operations: number;
}

export interface PersonName {
    id: number;
    name: string;
}

export interface PersonOff {
    id: number;
    name: string;
    off: [number, number][];
}

/** A photograph in a build's strip in time. */
export interface PhotographLine {
    id: number;
    version: number;
    at: string;
    by: string;
    caption: string;
    operation: string;
    of: string;
    client: boolean;
    width: number;
    height: number;
}

/** A picture that came with an enquiry. */
export interface PictureLine {
    id: number;
    width: number;
    height: number;
    caption: string;
}

/** A piece that has left the instrument it was made for. */
export interface PieceLine {
    id: number;
    version: number;
    name: string;
    madeFor: number;
    size: string;
    done: string;
    minutes: number;
    money: string | null;
    place: string;
    state: string;
    build: number | null;
    measured: string[];
    fits: Option[];
    not: string[];
    at: string;
}

export interface PiecesProps {
    headline: string;
    stock: PieceLine[];
    elsewhere: PieceLine[];
    builds: Option[];
    kinds: Option[];
}

export interface PinShown {
    person: string;
    day: string;
    after: string;
    words: string;
}

/** Where an operation stands on its route: in the picture, in its state, with its parts and with other builds. */
export interface PlaceInRoute {
    id: number | null;
    state: OperationState;
    workedMinutes: number;
    column: number | null;
    critical: boolean;
    slack: number;
    pieces: string[];
    stake: number;
    parts: PartNeeded[];
    sharesWith: SharedSetting[];
}

export interface Preset {
    words: string;
    change: Record<string, string>;
}

export interface PriceLine {
    id: number;
    name: string;
    unit: string;
    lead_days: number;
    supplier: string;
    version: number;
    cost: string;
    history: string[];
}

export interface Progress {
    budget: number;
    planned: number;
    earned: number;
    actual: number;
    share: number;
    figures: ProgressFigure[];
}

export interface ProgressFigure {
    key: string;
    name: string;
    value: string;
    because: string;
    warn: boolean;
    isMoney: boolean;
}

export interface ProgressProps {
    number: number | null;
    title: string;
    headline: string;
    reason: string;
    todo: string;
    weeks: ProgressWeek[];
    today: string;
    promisedOn: string | null;
    by50: string | null;
    by95: string | null;
    total: number | null;
    low: number | null;
    high: number | null;
    figures: HonestFigure[];
    stages: StageOutlook[];
    money: HonestFigure[];
    costs: StageOutlook[];
    budget: string | null;
    budgetWords: string;
    moneyBudget: string | null;
    version: number;
    open: boolean;
}

/** Hours by the end of a week; what is earned and worked only until today. */
export interface ProgressWeek {
    end: string;
    planned: number;
    earned: number | null;
    worked: number | null;
}

/** How firmly a date was given: a show that opens, a client's date, a wish. */
export type Promise = 'immovable' | 'promised' | 'wished';

export interface PromiseInDanger {
    build: number;
    title: string;
    verdict: Verdict;
    slackDays: number | null;
    words: string;
}

/** Something that is proposed to be ordered. */
export interface ProposedLine {
    key: string;
    line: number | null;
    version: number;
    part: number | null;
    name: string;
    number: string;
    quantity: number;
    unit: string;
    for: string;
    build: number | null;
    neededOn: string | null;
    orderBy: string | null;
    late: boolean;
    cost: string;
    others: string;
}

/** What is proposed to be ordered with one supplier. */
export interface ProposedOrder {
    supplier: number;
    name: string;
    reachable: boolean;
    days: number;
    expectedOn: string;
    orderBy: string | null;
    expressOn: string | null;
    express: string;
    freight: string;
    total: string;
    lines: ProposedLine[];
}

export type Purpose = 'commission' | 'stock';

export interface QuestionChoice {
    key: string;
    words: string;
    follows: string;
}

export interface QuoteFormProps {
    sketch: number;
    version: number;
    enquiry: number;
    client: string;
    name: string;
    currency: string;
    said: Record<string, string>;
    because: string;
    open: QuoteLine[];
}

/** A quote of an enquiry. */
export interface QuoteLine {
    id: number;
    name: string;
    what: string;
    price: string;
    words: string;
    open: boolean;
}

export interface QuoteProps {
    id: number;
    version: number;
    name: string;
    headline: string;
    enquiry: number;
    client: string;
    address: string;
    what: string;
    state: string;
    open: boolean;
    build: number | null;
    lines: [string, string][];
    facts: [string, string][];
    drawing: Drawing | null;
    depends: string[];
    words: string;
    standing: string;
    isOff: boolean;
    today: string;
}

/** Something that would raise the chance of a promise. */
export interface RaiseLine {
    words: string;
    kind: string;
    before: number;
    after: number;
    change: Record<string, number | string | null> | null;
}

export interface RateProps {
    headline: string;
    under: string;
    version: number;
    currency: string;
    wages: string;
    overhead: string;
    share: string;
    rows: Row[];
    shares: WhyRow[];
}

/** How the same was read on other instruments before. */
export interface ReadChart {
    title: string;
    values: number[];
    mean: number;
    low: number;
    high: number;
    least: number | null;
    most: number | null;
    words: string;
    because: string;
    unit: string;
}

export interface Reading {
    at: string;
    temperature: number;
    humidity: number;
    source: string;
}

/** What a reading says against its limits (CALCULATIONS B1). */
export type ReadingVerdict = 'inside' | 'on the line' | 'outside';

export interface ReasonChain {
    steps: ReasonStep[];
    stories: ReasonStory[];
    slack: string | null;
}

export interface ReasonStep {
    id: number;
    build: number;
    name: string;
    start: string | null;
    finish: string | null;
    because: string;
}

/** Steps of a chain of reasons that are one story; opened, they are told one by one. */
export interface ReasonStory {
    name: string;
    start: string | null;
    because: string;
    steps: number[];
}

/** One thing that can be done about it. */
export interface RemedyLine {
    do: string;
    option: string;
    name: string;
    minutes: number;
    money: string | null;
    lost: string | null;
    parts: string[];
    cannot: string[];
    shows: string[];
    replaces: boolean;
    drawing: Drawing | null;
}

/** What a remedy would do to the plan of the whole shop. */
export interface RemedyTried {
    before: string | null;
    after: string | null;
    promise: string;
    late: boolean;
    others: string[];
    breaks: boolean;
    tell: string[];
    refused: string | null;
}

/** Something that can be taken away from the calendar again. */
export interface Removable {
    ids: number[];
    table: string;
    words: string;
}

export interface ResourceLine {
    id: number;
    kind: string;
    name: string;
    capacity: number;
    version: number;
    ownHours: boolean;
    hours: Record<number, string>;
    everySecondFrom: string | null;
}

export interface ResourceOption {
    kind: string;
    value: string;
    words: string;
}

export interface RevisionComparison {
    values: Change[];
    figures: Change[];
    gone: SaidFinding[];
    new: SaidFinding[];
    kit: Change[];
    operations: Change[];
    follows: string[];
}

export interface RevisionHead {
    number: number;
    version: number;
    released: string | null;
    editable: boolean;
    latest: boolean;
}

export interface RevisionLine {
    number: number;
    at: string;
    by: string | null;
    released: string | null;
}

export interface RevisionName {
    number: number;
    released: boolean;
}

export interface RevisionsProps {
    build: BuildName;
    revisions: RevisionLine[];
    accepted: AcceptedLine[];
    from: number;
    to: number;
    comparison: RevisionComparison | null;
    missing: string | null;
}

export interface RouteBuild {
    number: number;
    title: string;
    version: number;
    revision: number;
    inOneLine: string;
}

export interface RouteChangeLine {
    id: number;
    words: string;
    left: string | null;
    reason: string;
    by: string | null;
    at: string;
}

export interface RouteChoices {
    stages: Option[];
    skills: Option[];
    resources: ResourceOption[];
    patterns: PatternLine[];
}

export interface RouteComparison {
    problems: string[];
    rows?: ComparedRow[];
    operations?: Change[];
    risks?: string[];
    findings?: FindingsChanged;
}

export interface RouteLink {
    key: string;
    name: string;
    reason: string;
    spoils: string;
    rule: string;
    window: string | null;
}

export interface RouteOperation extends PlaceInRoute {
    key: string;
    name: string;
    stage: string;
    why: string;
    rule: string;
    standard: string;
    own: boolean;
    useless: boolean;
    setUp: number;
    best: number;
    labour: number;
    worst: number;
    drivenBy: string;
    hold: number;
    holdNow: number;
    holdWords: string | null;
    way: string;
    risk: string;
    ways: RouteWay[];
    tool: string;
    skill: string;
    station: string | null;
    fixture: string | null;
    oneSitting: boolean;
    hands: number;
    alone: number;
    cautions: string[];
    gate: GateTarget[];
    gateShort: string | null;
    after: RouteLink[];
}

export interface RoutePrice {
    words: string;
    problem: string | null;
    order: string;
}

export interface RouteProps {
    build: RouteBuild;
    editable: boolean;
    totals: RouteTotals;
    operations: RouteOperation[];
    broken: Broken[];
    clashes: ClashWords[];
    misfits: Record<string, string>;
    changes: RouteChangeLine[];
    questions: RouteQuestion[];
    isChanged: boolean;
    choices: RouteChoices | null;
    air: AirNow;
    prices?: Record<string, RoutePrice>;
}

export interface RouteQuestion {
    key: string;
    words: string;
    answer: string;
    choices: QuestionChoice[];
    house?: string;
}

export interface RouteTotals {
    operations: number;
    work: string;
    labour: string;
    setUp: string;
    days: number | null;
    spent: DaysSpent | null;
}

export interface RouteWay {
    tool: string;
    words: string;
    setUp: number;
    labour: number;
    station: string | null;
    risk: string;
}

/** An amount with what it is and where it comes from. */
export interface Row {
    name: string;
    value: string;
    because: string;
}

export interface RunningClock {
    id: number;
    person: string;
    mine: boolean;
    build: number;
    operation: string;
    operationId: number;
    since: string;
}

/** Something that runs beside the shop, and whether it does. */
export interface RunningLine {
    what: string;
    words: string;
    warn: boolean;
}

export interface SaidFinding {
    severity: Severity;
    title: string;
    figures: string;
}

/** A cut from edge to edge of what is left, as a line in mm. */
export interface SawLine {
    x1: number;
    y1: number;
    x2: number;
    y2: number;
}

export interface ScanProps {
    unknown: string;
}

/** One thing that a scenario changes. */
export interface ScenarioChange {
    id: number;
    words: string;
}

export interface ScenarioLine {
    id: number;
    name: string;
    changes: number;
}

export interface ScenarioShown {
    id: number;
    name: string;
    version: number;
    changes: ScenarioChange[];
}

export type SecondProps = Record<string, never>;

/** An operation that could be done elsewhere. */
export interface SendChoice {
    key: string;
    name: string;
    stage: string;
}

/** Work that is done elsewhere. */
export interface SentLine {
    id: number;
    version: number;
    build: number;
    title: string;
    what: string;
    operation: string;
    supplier: string;
    note: string;
    cost: string | null;
    days: number;
    orderedOn: string;
    plannedOn: string | null;
    dispatchedOn: string | null;
    expectedOn: string | null;
    likelyOn: string | null;
    overdue: boolean;
    checked: string;
    look: string[];
}

/** What a board could become. */
export interface ServedLine {
    build: number;
    title: string;
    what: string;
    size: string;
    times: number;
    across: number;
    usedPercent: number;
    but: string[];
}

/** How a template stands to one build. */
export interface ServesLine {
    build: number;
    title: string;
    fits: boolean;
    words: string;
    drawn: boolean;
}

/** What to turn, file or move. */
export interface SetUpAdviceLine {
    words: string;
    possible: boolean;
}

/** One figure of the loop. */
export interface SetUpCell {
    string: number;
    name: string;
    target: string;
    value: string;
    good: boolean;
    id: number | null;
}

/** Something that was read before. */
export interface SetUpDone {
    id: number;
    words: string;
    by: string;
    at: string;
}

export interface SetUpProps {
    build: number;
    title: string;
    headline: string;
    settled: boolean;
    steps: SetUpStepRows[];
    frets: FretPicture | null;
    fretCount: number;
    tap: TapLine[];
    latest: SetUpDone[];
    gate: number | null;
    caution: string;
}

/** One step of the loop. */
export interface SetUpStepRows {
    step: string;
    words: string;
    tool: string;
    cells: SetUpCell[];
    before: string[];
    advice: SetUpAdviceLine[];
    now: boolean;
    done: boolean;
}

/** What happened, to what, and what it cost so far. */
export interface SetbackHead {
    id: number;
    version: number;
    build: number;
    title: string;
    text: string;
    mishap: string;
    piece: string | null;
    cause: string;
    operation: string | null;
    operationId: number | null;
    by: string;
    at: string;
    state: string;
    decided: string;
    decidedBy: string | null;
    finishBefore: string | null;
    finishAfter: string | null;
    lostMinutes: number;
    atStakeMinutes: number;
    lostMoney: string | null;
    atStakeMoney: string | null;
    joined: string;
    open: boolean;
    photographs: number[];
}

export interface SetbackLine {
    id: number;
    build: number;
    title: string;
    text: string;
    where: string;
    state: string;
    decided: string;
    minutes: number;
    money: string | null;
    by: string;
    at: string;
}

export interface SetbackProps {
    setback: SetbackHead;
    remedies: RemedyLine[];
    old: string[];
    again: Again | null;
    pieces: Option[];
    causes: Option[];
    until: string;
}

export interface SetbacksProps {
    headline: string;
    account: string;
    groups: CauseGroup[];
    lines: SetbackLine[];
}

export interface Settings {
    name: string;
    currency: string;
    timezone: string;
    version: number;
    labour_rate: string;
    overhead_percent: string;
    margin_percent: string;
    deposit_percent: string;
    risk_days: string;
    promise_chance: string;
    papers_years: string;
    tax_percent: string;
    quote_days: string;
    quotes_hold: string;
    quote_words: string;
    hours: Record<number, string>;
}

export interface SettingsProps {
    version: number;
    seller: Record<string, string>;
    payDays: string;
    unpaidHolds: string;
    refundRule: string;
    priceWay: string;
    stagePayments: StagePayment[];
    stages: Option[];
    refunds: Option[];
    ways: Option[];
    taxes: TaxRow[];
    countries: Option[];
    categories: Option[];
}

export type Severity = 'stop' | 'warn' | 'note';

/** One line, circle or words of a drawing, in millimetres. */
export interface Shape {
    style: string;
    fill?: string;
    part?: string;
    d?: string;
    x?: number;
    y?: number;
    r?: number;
    words?: string;
    anchor?: string;
    size?: number;
}

/** What every page gets beside its own. Instants are ISO 8601 in UTC, days are YYYY-MM-DD, times of day and durations whole minutes. */
export interface SharedProps {
    clock: ShopTime;
    shop: ShopLine | null;
    viewer: Viewer | null;
    bench: Bench | null;
    lastChange: number;
    done: string | null;
    errors: Record<string, string>;
}

export interface SharedSetting {
    number: number;
    title: string;
    id: number;
}

export interface SheetBuild {
    number: number;
    title: string;
    client: string | null;
    contact: string | null;
    clientId: number | null;
    purpose: Purpose;
    open: boolean;
    calledOff: boolean;
    writtenOff: boolean;
    finishedAt: string | null;
    promisedOn: string | null;
    promiseKind: Promise;
    heldUntil: string | null;
    heldBecause: string;
    pushDays: number;
    finish: string | null;
    routeLacks: string;
    verdict: Verdict;
    slackDays: number | null;
    slackWords: string;
    chance: ChanceShown | null;
    version: number;
    inOneLine: string;
    inked: Inked;
    draft: number | null;
    promiseKinds: Option[];
}

export interface SheetGroup {
    name: string;
    lines: SheetLine[];
}

export interface SheetKitLine {
    id: number;
    group: string;
    name: string;
    quantity: number;
    unit: string;
    supplier: string;
    used: number;
    writtenOff: number;
    left: number;
    state: KitState;
    version: number;
    leadDays: number;
    surplus: boolean;
    expectedOn: string | null;
    arrivedOn: string | null;
    overdue: boolean;
    cost: string | null;
    costIsEstimate: boolean;
    cutFrom: string;
    part: string;
    inStock: Option[];
    canGoBack: boolean;
}

export interface SheetLine {
    name: string;
    value: string;
    other: string | null;
    source: string;
}

export interface SheetOperation {
    id: number;
    stage: string;
    name: string;
    state: OperationState;
    version: number;
    setUpMinutes: number;
    labourMinutes: number;
    workedMinutes: number;
    holdMinutes: number;
    station: string | null;
    fixture: string | null;
    skill: string;
    person: string | null;
    start: string | null;
    workEnd: string | null;
    finish: string | null;
    because: string | null;
    unplanned: boolean;
    after: OperationBefore[];
    needs: string[];
    gate: string | null;
    caution: string | null;
    waitsFor: string;
    waitsUntil: string | null;
    clocks: number;
    lastTime: string;
}

export interface ShopChancesProps {
    headline: string;
    under: string;
    standing: HelpState;
    madeAt: string | null;
    wanted: number;
    builds: BuildChanceLine[];
    months: MonthToCome[];
    slot: string;
    currency: string;
    learned: string;
}

/** The shop, as every page knows it. */
export interface ShopLine {
    name: string;
    currency: string;
    timezone: string;
}

/** The shop's time; fixed for pictures and tests. */
export interface ShopTime {
    now: string;
    fixed: boolean;
}

export interface ShownFinding {
    key: string;
    severity: Severity;
    title: string;
    figures: string;
    because: string;
    fields: string[];
    fixes: ShownFix[];
    unfixed: string;
    accepted: Acceptance | null;
}

export interface ShownFix {
    words: string;
    changes: Record<string, string>;
}

export interface ShownInstrument {
    inOneLine: string;
    standing: string;
    figures: ComputedFigure[];
    findings: ShownFinding[];
    views: Drawing[];
}

/** A value as the page shows it; idle says why the field does not apply to this instrument. */
export interface ShownValue {
    words: string;
    other: string;
    source: string;
    rows: Record<string, string>[] | null;
    idle: string | null;
}

export interface SignInLine {
    id: number;
    device: string;
    place: string;
    began: string;
    seen: string;
    isThis: boolean;
}

export interface SignInProps {
    demo: DemoSignIn[];
}

/** When a sketch would be ready. */
export interface SketchDates {
    sketch: number;
    promisable: string | null;
    days: ChanceOfDay[];
    wanted: number | null;
}

/** A sketch beside the others of its enquiry. */
export interface SketchLine {
    id: number;
    version: number;
    name: string;
    inOneLine: string;
    drawing: Drawing | null;
    problem: string;
    hours: string;
    material: string;
    price: string;
    weight: string;
    budget: string;
    isOver: boolean;
}

export interface SketchProps {
    id: number | null;
    version: number;
    enquiry: number;
    client: string;
    wishes: string;
    name: string;
    model: string;
    wishesToAsk: Option[];
    typed: Record<string, string | Record<string, string>[]>;
    fields: FieldGroup[];
    models: ModelName[];
    currency: string;
}

export interface SpecificationProps {
    build: BuildName;
    revision: RevisionHead;
    revisions: RevisionName[];
    client: Record<string, string | Record<string, string>[]>;
    fields: FieldGroup[];
    worked: Worked;
    tables: BenchTable[];
    files: BenchFile[];
    parts: PartToPick[];
}

export interface SpecificationSheet {
    revision: number;
    released: boolean;
    at: string;
    groups: SheetGroup[];
    wishes: string;
}

export interface SprayLimits {
    coldest: string;
    dampest: string;
}

/** A stage held against its share of the hours. */
export interface StageOutlook {
    name: string;
    planned: string;
    worked: string;
    forecast: string;
    share: string;
    percent: number | null;
    breaks: boolean;
}

/** A stage after which a share of the price is paid. */
export interface StagePayment {
    stage: string;
    percent: string;
}

export interface StageTakenIn {
    stage: string;
    words: string;
    minutes: number;
    operations: OperationToTakeIn[];
}

export interface StandardLine {
    id: number;
    tool: Tool;
    way: string;
    risk: string;
    source: string;
    skill: string;
    version: number;
    set_up: string;
    best: string;
    labour: string;
    worst: string;
    hold: string;
    hands: string;
    alone: string;
    isMachine: boolean;
    fixtures: number;
    drivenBy: string | null;
    station: string | null;
    fixture: string | null;
    trade: string | null;
    learned: LearnedHours | null;
    history: HistoryLine[];
}

export interface StandardOperation {
    key: string;
    name: string;
    stage: string;
    tool: Tool;
    ways: StandardLine[];
}

export interface StandardsProps {
    version: number;
    standards: StandardOperation[];
    questions: RouteQuestion[];
    finishes: FinishLine[];
    tolerances: ToleranceLine[];
    glue: GlueLine[];
    spraying: SprayLimits;
    history: HistoryLine[];
    skills: string[];
    patterns: PatternLine[];
}

export interface StoresProps {
    headline: string;
    late: LatePart[];
    onTheWay: OnTheWay[];
    proposals: ProposedOrder[];
    unsold: string[];
    drawer: DrawerLine[];
    wrong: WrongPart[];
    over: string[];
    value: string | null;
    today: string;
}

/** How long a supplier takes, as it was learned. */
export interface SupplierLine {
    name: string;
    orders: number;
    median: number;
    ninth: number;
}

/** Who sells to the shop. */
export interface SupplierShown {
    id: number;
    version: number;
    name: string;
    email: string;
    address: string;
    freight: string;
    expressDays: number | null;
    express: string;
    note: string;
    learned: string;
    parts: number;
    open: number;
    median: number | null;
    ninth: number | null;
    orders: number;
}

export interface SuppliersProps {
    headline: string;
    suppliers: SupplierShown[];
}

/** What a table would change. */
export interface TableLooked {
    changes: string[];
    problem: string;
}

/** A table as it was read, before anything of it is taken. */
export interface TableSeen {
    columns: string[];
    guesses: string[];
    rows: string[][];
    problem: string;
    words: string;
}

/** A tablet that people share. */
export interface TabletLine {
    id: number;
    name: string;
    at: string;
}

export interface TakingInProps {
    number: number;
    name: string;
    version: number;
    stages: StageTakenIn[];
    kit: PartTakenIn[];
    people: PersonName[];
    worker: number;
    today: string;
}

/** What was said with a client. */
export interface TalkLine {
    id: number;
    at: string;
    by: string;
    text: string;
}

/** One position of the switch. */
export interface TapLine {
    number: number;
    sounds: string;
    silent: string;
    alone: string;
    atJack: string;
}

/** A tax that the house has set. */
export interface TaxRow {
    id: number;
    country: string;
    name: string;
    words: string;
}

/** What is asked where somebody tells that something is wrong. */
export interface TellForm {
    mishaps: MishapOption[];
    operations: Option[];
    resources: Option[];
    measures: MeasurablePart[];
}

export interface TemplateLine {
    id: number;
    name: string;
    what: string;
    standing: string;
    trouble: boolean;
    retired: boolean;
    place: string;
}

export interface TemplateProps {
    id: number;
    name: string;
    headline: string;
    trouble: boolean;
    retired: boolean;
    facts: string[];
    drawing: Drawing | null;
    compared: string;
    fits: ServesLine[];
    since: string[];
    history: string[];
    files: FileLine[];
    photographs: number[];
    bits: Option[];
    builds: Option[];
    madeOf: string;
    place: string;
    bit: string;
    version: number;
}

export interface TemplatesProps {
    headline: string;
    templates: TemplateLine[];
    bits: BitLine[];
    builds: Option[];
    shapes: Option[];
}

/** What to do about what is the matter. */
export interface ToDo {
    words: string;
    action: string;
    address: string;
}

export interface TodayItem {
    operationId: number;
    build: number;
    name: string;
    state: OperationState;
    from: string;
    to: string;
    goesOn: boolean;
    gate: string | null;
    because: string | null;
    hold: string | null;
    helps: string | null;
    helped: string | null;
    holdUntil: string | null;
}

export interface TodayPerson {
    id: number;
    name: string;
    skills: string[];
    hours: [number, number][];
    minutes: number;
    plannedMinutes: number;
    items: TodayItem[];
    away: AwayPart[];
}

export interface TodayProps {
    headline: string;
    todo: ToDo | null;
    day: string;
    isToday: boolean;
    under: string;
    people: TodayPerson[];
    free: FreedFixture[];
    arrives: Arrival[];
    decide: Decision[];
    wrong: WrongNote[];
    promises: PromiseInDanger[];
    budgets: BudgetInDanger[];
    kept: number;
    empty: boolean;
}

export interface ToleranceLine {
    key: string;
    what: string;
    value: string;
    unit: string;
    own: boolean;
}

/** With what an operation is done; which of them there are, and their hours, is each shop's own. */
export type Tool = 'hand' | 'template' | 'machine';

export interface TriedRoute {
    problem: string | null;
    words: string;
    broken: Broken[];
    needsReason: boolean;
    follows: string[];
}

export interface TroubleLine {
    build: number | null;
    operation: string;
    operationId: number | null;
    words: string;
}

export interface TryProps {
    scenarios: ScenarioLine[];
    shown: ScenarioShown | null;
    difference?: Effect | null;
    forms: ChangeForm[];
}

/** The operation that somebody has under the hand. */
export interface UnderHand {
    id: number;
    version: number;
    build: number;
    title: string;
    piece: string;
    name: string;
    begun: boolean;
    drawing: Drawing;
    waits: string;
    cautions: string[];
    ends: string;
    plannedMinutes: number;
    workedMinutes: number;
    clock: BenchClock | null;
    holds: string;
    lists: BenchList[];
    instruction: HouseInstruction | null;
    wrong: WentWrong[];
    timber: string[];
    way: string;
    kind: string;
    tell: TellForm;
    frets: number;
    lastTime: string;
}

export interface UndoLine {
    id: number;
    words: string;
}

/** What is usually done over. */
export interface UsualRework {
    name: string;
    labour: string;
    hold: string;
}

/** What something in the stores is worth. */
export interface ValueLine {
    what: string;
    value: string;
    because: string;
}

/** What the stock of parts was worth in a month. */
export interface ValueMonth {
    month: string;
    opening: string;
    came: string;
    taken: string;
    used: string;
    lost: string;
    sentBack: string;
    closing: string;
}

export interface ValuesProps {
    headline: string;
    now: ValueLine[];
    builds: ValueLine[];
    months: ValueMonth[];
}

export type Verdict = 'late' | 'risk' | 'kept' | 'no-promise' | 'unplanned' | 'incomplete';

/** Who is signed in. */
export interface Viewer {
    id: number;
    name: string;
    manager: boolean;
}

/** An operation that may wait for a decision, and the last day on which it can be made without moving anything. */
export interface WaitingOperation {
    id: number;
    name: string;
    lastDay: string;
}

export interface WeekAway {
    words: string;
    part: string;
}

export interface WeekDay {
    hours: [number, number][];
    away: WeekAway[];
    items: WeekItem[];
}

export interface WeekItem {
    id: number;
    build: number;
    name: string;
    state: OperationState;
    from: string;
    to: string;
    goesOn: boolean;
    helps: boolean;
    hold: string | null;
    needs: string | null;
}

/** What is expected in a week. */
export interface WeekOfMoney {
    on: string;
    words: string;
    amount: string;
    share: number;
    of: string[];
}

export interface WeekPerson {
    id: number;
    name: string;
    days: Record<string, WeekDay>;
}

export interface WeekProps {
    heading: string;
    days: string[];
    today: string;
    before: string;
    after: string;
    people: WeekPerson[];
}

/** What went wrong here before. */
export interface WentWrong {
    build: number;
    words: string;
    by: string;
    at: string;
}

/** Quoted against what it came to. */
export interface WhyRow {
    name: string;
    quoted: string;
    actual: string;
}

/** One operation on the horizon: who, when, why not sooner, and what it is pinned to. */
export interface WhyThen {
    id: number;
    build: number;
    title: string;
    name: string;
    state: OperationState;
    person: string | null;
    start: string | null;
    workEnd: string | null;
    finish: string | null;
    because: string;
    more: string[];
    pin: PinShown | null;
    others: Option[];
}

export interface Worked {
    problems: Record<string, string>;
    values: Record<string, ShownValue>;
    shown: ShownInstrument | null;
}

export interface WrongNote {
    id: number;
    build: number;
    where: string;
    text: string;
    by: string;
    at: string;
}

/** A part that is wrong and waits for a decision. */
export interface WrongPart {
    lot: number;
    name: string;
    quantity: number;
    unit: string;
    because: string;
    supplier: string;
    order: number | null;
    cost: string | null;
    known: string[];
    fits: FitLine[];
}

/** A piece that no board in the shop serves, as it is bought. */
export interface YardLine {
    build: number;
    title: string;
    what: string;
    pieces: number;
    metric: string;
    inches: string;
    cut: string;
    lookFor: string[];
}

/** What to bring from the timber yard. */
export interface YardProps {
    headline: string;
    moisture: string;
    timbers: YardTimber[];
}

/** What is missing of one timber. */
export interface YardTimber {
    name: string;
    feet: string;
    protected: boolean;
    standIns: string[];
    lines: YardLine[];
}

/** A figure of a year beside that of the year before. */
export interface YearLine {
    name: string;
    value: string;
    before: string;
    size: number;
    sizeBefore: number;
    because: string;
}

export interface YearProps {
    year: number;
    years: number[];
    headline: string;
    under: string;
    hours: YearLine[];
    stages: YearLine[];
    counts: YearLine[];
}

/** What each page gets, by its component. */
export interface Pages {
    'account/Account': AccountProps;
    'account/Audit': AuditProps;
    'account/PasswordLink': PasswordLinkProps;
    'account/Second': SecondProps;
    'bench/Bench': BenchProps;
    'bench/Gate': GateProps;
    'bench/Held': HeldProps;
    'bench/Names': NamesProps;
    'bench/SetUp': SetUpProps;
    'build/BuildSheet': BuildSheetProps;
    'build/Builds': BuildsProps;
    'build/Facts': FactsProps;
    'build/NewCommission': NewCommissionProps;
    'clients/Client': ClientProps;
    'clients/Clients': ClientsProps;
    'clients/Enquiries': EnquiriesProps;
    'clients/Enquiry': EnquiryProps;
    'clients/ForClient': ForClientProps;
    'clients/Letters': ClientLetterProps;
    'clients/Quote': QuoteProps;
    'clients/QuoteForm': QuoteFormProps;
    'clients/Sketch': SketchProps;
    'forecast/Chance': ChanceProps;
    'forecast/Chances': ShopChancesProps;
    'forecast/Forecasts': ForecastsProps;
    'forecast/Hours': HoursProps;
    'forecast/Letter': LetterProps;
    'forecast/Progress': ProgressProps;
    'forecast/Year': YearProps;
    'house/Chores': ChoresProps;
    'house/Climate': ClimateProps;
    'house/Health': HealthProps;
    'house/House': HouseProps;
    'house/Parts': PartsProps;
    'house/People': PeopleProps;
    'house/Standards': StandardsProps;
    'jigs/BuildTemplates': BuildTemplatesProps;
    'jigs/Template': TemplateProps;
    'jigs/Templates': TemplatesProps;
    'money/Bank': BankProps;
    'money/BuildMoney': BuildMoneyProps;
    'money/Earned': EarnedProps;
    'money/Invoice': InvoiceProps;
    'money/Money': MoneyProps;
    'money/Rate': RateProps;
    'money/Settings': SettingsProps;
    'plan/Calendar': CalendarProps;
    'plan/Feeds': FeedsProps;
    'plan/Help': HelpProps;
    'plan/History': HistoryProps;
    'plan/Horizon': HorizonProps;
    'plan/Load': LoadProps;
    'plan/Try': TryProps;
    'route/Compare': CompareProps;
    'route/Route': RouteProps;
    'setback/Pieces': PiecesProps;
    'setback/Setback': SetbackProps;
    'setback/Setbacks': SetbacksProps;
    'shop/Error': ErrorProps;
    'shop/FirstSteps': FirstStepsProps;
    'shop/Logbook': LogbookProps;
    'shop/OpenShop': OpenShopProps;
    'shop/SignIn': SignInProps;
    'specification/HouseModel': HouseModelProps;
    'specification/HouseModels': HouseModelsProps;
    'specification/Outlines': OutlinesProps;
    'specification/Revisions': RevisionsProps;
    'specification/Specification': SpecificationProps;
    'stores/Away': AwayProps;
    'stores/Board': BoardProps;
    'stores/BoardTable': BoardTableProps;
    'stores/Boards': BoardsProps;
    'stores/Catalogue': CatalogueProps;
    'stores/Cutting': CuttingProps;
    'stores/Labels': LabelsProps;
    'stores/Order': OrderProps;
    'stores/Papers': PapersProps;
    'stores/Part': PartProps;
    'stores/PartTable': PartTableProps;
    'stores/Scan': ScanProps;
    'stores/Stores': StoresProps;
    'stores/Suppliers': SuppliersProps;
    'stores/Values': ValuesProps;
    'stores/Yard': YardProps;
    'taking-in/Finished': FinishedProps;
    'taking-in/TakingIn': TakingInProps;
    'today/Today': TodayProps;
    'today/Week': WeekProps;
}
