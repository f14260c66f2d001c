<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Carriage;
use App\Models\Build\PromiseMeans;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\Approval;
use App\Models\Client\ClientPage;
use App\Models\Client\Decision;
use App\Models\Money\Payment;
use App\Models\Plan\PlanEntry;
use App\Pages\Clients\Agreement;
use App\Pages\Clients\ChangeShown;
use App\Pages\Clients\DecisionLine;
use App\Pages\Clients\ForClientProps;
use App\Pages\Clients\HowItTravels;
use App\Pages\Clients\OrderLine;
use App\Pages\Clients\WaitingOperation;
use App\Pages\Later;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Money\BuildCosts;
use App\Planning\Plan\Outlooks;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;

/** What is between the shop and the client of a build: their page, what they decide. */
final readonly class ForClientPage
{
    public function __construct(private ChangeQuery $changes, private BuildCosts $costs, private House $house, private Clock $clock)
    {
    }

    public function data(Build $build): ForClientProps
    {
        $build->load(['client', 'operations.planned', 'specification', 'draft']);
        $page = ClientPage::query()->where('build_id', $build->id)->whereNull('revoked_at')->first();
        $isOpen = $build->status === BuildStatus::Open;
        $decisions = $this->decisions($build);
        $late = count(array_filter($decisions, static fn (DecisionLine $one): bool => $one->isLate));
        $open = count(array_filter($decisions, static fn (DecisionLine $one): bool => $one->open));
        $agreed = $this->agreed($build, $isOpen);
        $isWaiting = array_filter($agreed->orders, static fn (OrderLine $one): bool => $one->open) !== [];

        return new ForClientProps(
            number: $build->number, title: $build->title, client: $build->client->name ?? '', clientId: $build->client_id,
            headline: match (true) {
                $late > 0 => $late === 1 ? 'One decision is overdue' : "{$late} decisions are overdue",
                $open > 0 => $open === 1 ? 'One decision is asked for' : "{$open} decisions are asked for",
                $isWaiting => 'A change order waits for the client',
                default => 'Nothing is asked of the client',
            },
            address: $page?->address(),
            standing: match (true) {
                $build->client_id === null => 'It is built for stock; nobody waits for its page.',
                $page === null => 'No page is open for the client.',
                default => 'Open since '.Say::dayAndYear($page->at->setTimezone($this->house->zone())->toDateString()).'. Whoever knows the address sees it; it ends a month after the instrument is finished.',
            },
            canOpen: $build->client_id !== null && $isOpen && $page === null, sees: array_values($this->house->shop()->client_sees),
            photographs: Photograph::query()->where('build_id', $build->id)->where('for_client', true)->count(), decisions: $decisions,
            operations: $isOpen ? $this->operations($build) : [], travels: $this->travels($build, $isOpen), version: $build->version, currency: $this->house->shop()->currency, agreed: $agreed, change: ($draft = self::draft($build, $isOpen)) === null ? null : new Later(fn (): ChangeShown => $this->changes->shown($build, $draft)),
        );
    }

    private function travels(Build $build, bool $isOpen): HowItTravels
    {
        $one = Carriage::query()->where('build_id', $build->id)->first();
        $promised = $build->promised_on === null ? 'Nothing is promised yet; when it is, it means ' : 'The promise of '.Say::dayAndYear($build->promised_on).' means ';

        $money = fn (?int $minor): string => $minor === null || $minor === 0 ? '' : $this->house->money($minor)->plain();

        return new HowItTravels(
            "{$promised}{$build->promise_means->words()}.".($one === null ? '' : $this->carried($one)),
            $build->promise_means->value, $one->carrier ?? '', $one === null || $one->carrier === '' ? '' : (string) $one->days, $money($one?->cost_minor),
            array_map(static fn (PromiseMeans $means): Option => new Option($means->value, $means->words()), PromiseMeans::cases()), $isOpen,
            $money($one?->insurance_minor), $one === null || $one->collecting === 0 ? '' : (string) $one->collecting, $isOpen ? $this->standsStill($build) : '',
        );
    }

    private function carried(Carriage $one): string
    {
        return ($one->carrier === '' ? '' : " {$one->carrier} carries it, ".Say::count($one->days, 'day').' on the way'.($one->cost_minor === 0 ? '.' : ", {$this->house->money($one->cost_minor)}."))
            .($one->insurance_minor === 0 ? '' : " Its insurance costs {$this->house->money($one->insurance_minor)}.")
            .($one->collecting === 0 ? '' : ' '.Say::count($one->collecting, 'minute').' with whoever collects it.');
    }

    /** What is bound in a build while it rests. */
    private function standsStill(Build $build): string
    {
        $cost = $this->costs->of(DB::table('builds')->where('id', $build->id)->select('id'))[$build->id] ?? $this->costs->none();
        $in = $cost->labour->plus($cost->material)->plus($cost->outside);
        $paid = $this->house->money((int) Payment::query()->where('build_id', $build->id)->whereNull('struck_at')->sum('amount_minor'));
        $left = $in->minor - $paid->minor;

        return "In it are {$cost->hours} of work and ".$cost->material->plus($cost->outside)." of material and work done elsewhere, {$in} together; {$paid} is paid. "
            .($left > 0 ? "{$this->house->money($left)} of the shop’s own stands still while it rests" : 'What is paid covers that')
            .', and whatever it would still be asked for comes later; a place on a shelf, in a mould or in the air of the shop has no price here.';
    }

    private function agreed(Build $build, bool $isOpen): Agreement
    {
        $last = Approval::query()->where('build_id', $build->id)->orderByDesc('revision')->first();
        $current = $build->specification;
        $draft = self::draft($build, $isOpen);

        return new Agreement(
            $last === null ? 'The client has approved nothing yet; until then the shop changes what it likes.' : "Revision {$last->revision} was approved by {$last->approved_by}, {$last->how}, on {$this->on($last->at)}. Each difference since is a change order.",
            $isOpen && $build->client_id !== null && $current->isReleased() && $last?->revision !== $current->number ? $current->number : null,
            $draft?->number, $draft->version ?? 0, $this->changes->orders($build), $this->house->shop()->currency,
        );
    }

    /** The revision in which a change is being written. */
    private static function draft(Build $build, bool $isOpen): ?SpecificationRevision
    {
        $draft = $isOpen ? $build->draft : null;

        return $draft !== null && $draft->number > 1 ? $draft : null;
    }

    /** @return list<DecisionLine> */
    private function decisions(Build $build): array
    {
        $today = $this->clock->today($this->house->zone());
        $finish = Outlooks::finish(PlanEntry::query()->where('build_id', $build->id)->get())?->setTimezone($this->house->zone())->toDateString();

        return array_values(Decision::query()->with('operation:id,name')->where('build_id', $build->id)->orderByRaw('answered_at is not null or withdrawn_at is not null, last_day, id')->get()->map(function (Decision $one) use ($today, $finish): DecisionLine {
            $isOpen = $one->answered_at === null && $one->withdrawn_at === null;
            $isLate = $isOpen && $one->last_day < $today;

            return new DecisionLine($one->id, $one->question, $one->options, match (true) {
                $one->answered_at !== null => "{$one->answer}, said {$one->answered_by} on ".$this->on($one->answered_at).'.',
                $one->withdrawn_at !== null => 'Not asked any more.',
                $isLate => 'Unanswered since '.$this->day($one->last_day).'; “'.($one->operation->name ?? 'the rest').'” waits.'.self::moved($one->finish_was, $finish),
                default => 'By '.$this->day($one->last_day).', asked '.$this->on($one->at).'; “'.($one->operation->name ?? 'the rest').'” waits for it.',
            }, $isOpen, $isLate);
        })->all());
    }

    private static function moved(?string $was, ?string $is): string
    {
        return $was === null || $is === null || $is <= $was ? ' Nothing has moved yet.' : ' The finish has moved from '.Say::day($was).' to '.Say::day($is).' since it was asked.';
    }

    /** @return list<WaitingOperation> what has not begun and waits for nothing, with the day before it is to begin */
    private function operations(Build $build): array
    {
        $today = $this->clock->today($this->house->zone());
        $lines = [];
        foreach ($build->operations as $one) {
            if ($one->state === OperationState::Open && $one->waits_for === '') {
                $start = $one->planned?->start;
                $lines[] = new WaitingOperation($one->id, $one->name, $start === null ? $today : max($today, self::before($start, $this->house->zone())));
            }
        }

        return $lines;
    }

    private static function before(CarbonImmutable $start, \DateTimeZone $zone): string
    {
        return $start->setTimezone($zone)->subDay()->toDateString();
    }

    private function on(CarbonImmutable $at): string
    {
        return $this->day($at->setTimezone($this->house->zone())->toDateString());
    }

    private function day(string $day): string
    {
        return Say::day($day);
    }
}
