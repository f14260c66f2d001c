<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\PromiseMeans;
use App\Models\Client\ClientPage;
use App\Models\Client\Decision;
use App\Models\Client\LetterKind;
use App\Models\Money\Invoice;
use App\Models\People\DayOff;
use App\Models\Plan\PlanEntry;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Delivery\CareSheet;

/** Drafts of letters from what the plan knows, in words fit for a client: no names of makers, no hours, no prices of parts. */
final readonly class LetterDraft
{
    /** What happened so long ago is no reason any more. */
    private const OF_LATE = 30;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** @return array{subject: string, body: string} */
    public function of(Build $build, LetterKind $kind): array
    {
        $build->loadMissing(['client', 'specification']);
        $instrument = 'your '.Revisions::read($build->specification)->orFail()->inOneLine();
        $lines = match ($kind) {
            LetterKind::Confirmation => $this->confirmation($build, $instrument),
            LetterKind::Decision => $this->decision($build, $instrument),
            LetterKind::Delay => $this->delay($build, $instrument),
            LetterKind::Ready => $this->ready($build, $instrument),
            LetterKind::Reminder => $this->reminder($build, $instrument),
            LetterKind::Care => self::care($build, $instrument),
        };
        $page = ClientPage::query()->where('build_id', $build->id)->whereNull('revoked_at')->first()?->address();
        $subject = array_shift($lines);
        $body = ($build->client->name ?? '').",\n\n".implode("\n\n", array_filter($lines)).($page === null || $kind === LetterKind::Care ? '' : "\n\nHow far it is you can see at any time:\n{$page}")."\n\n{$this->house->shop()->name}\n";

        return ['subject' => $subject, 'body' => $body];
    }

    /** @return non-empty-list<string> the subject, and paragraphs */
    private function confirmation(Build $build, string $instrument): array
    {
        $money = fn (?int $minor): string => (string) $this->house->money((int) $minor);
        $deposit = (int) $build->deposit_minor;

        return [
            'What we agreed', "thank you for your trust. We build {$instrument}, our No. {$build->number}.",
            $build->price_minor === null ? '' : "The price is {$money($build->price_minor)}".($deposit > 0 ? ", {$money($deposit)} of it as a deposit with the order and the rest before it is handed over." : ', before it is handed over.'),
            $build->promised_on === null ? '' : match ($build->promise_means) {
                PromiseMeans::Shop => 'It will be ready in the shop on '.Say::dayAndYear($build->promised_on).'. Packing and the way to you come after that.',
                PromiseMeans::Sent => 'It will be handed to the carrier on '.Say::dayAndYear($build->promised_on).' at the latest; the way to you comes after that.',
                PromiseMeans::Hands => 'It will be in your hands on '.Say::dayAndYear($build->promised_on).'.',
            },
            'If anything of this is not as you remember it, please tell us now: it is easy to change before the timber is cut.',
        ];
    }

    /** @return non-empty-list<string> */
    private function decision(Build $build, string $instrument): array
    {
        $open = Decision::query()->open()->where('build_id', $build->id)->orderBy('last_day')->get();
        $asked = $open->map(static fn (Decision $one): string => $one->question.($one->options === [] ? '' : ' ('.implode(' or ', $one->options).')').' Please by '.Say::dayAndYear($one->last_day).'; after that each day moves it by a day.');

        return ['We need you for a moment', "{$instrument} has come to a point at which you decide:", ...$asked->isEmpty() ? ['(Nothing is asked for yet: ask first, then it stands here.)'] : $asked->values()->all()];
    }

    /** @return non-empty-list<string> */
    private function delay(Build $build, string $instrument): array
    {
        $finish = Outlooks::finish(PlanEntry::query()->where('build_id', $build->id)->get())?->setTimezone($this->house->zone())->toDateString();
        $promised = $build->promised_on;

        return [
            'Your instrument comes later', "we promised you {$instrument}".($promised === null ? '' : ' for '.Say::dayAndYear($promised)).'. '.($finish === null ? 'We cannot keep that.' : ($promised !== null && $finish <= $promised ? 'By our plan it is still ready in time: '.Say::dayAndYear($finish).'.' : 'By now we expect it on '.Say::dayAndYear($finish).'.')),
            $this->cause($build), 'We are sorry. We would rather tell you now than hurry what you will play for years. If the new date is a trouble for you, write to us; we will see what can be done.',
        ];
    }

    /** The cause in words fit for a client: what is known to have moved it, the one that they can do something about first. */
    private function cause(Build $build): string
    {
        $today = $this->clock->today($this->house->zone());
        $since = $this->clock->now()->subDays(self::OF_LATE);
        $unanswered = Decision::query()->open()->where('build_id', $build->id)->where('last_day', '<', $today)->orderBy('last_day')->first();
        $part = KitLine::query()->where('build_id', $build->id)->where('state', KitState::Ordered->value)->where('expected_on', '<', $today)->orderBy('expected_on')->first();
        $setback = Setback::query()->where('build_id', $build->id)->where('state', '!=', SetbackState::Withdrawn->value)->where('at', '>=', $since)->exists();
        $away = DayOff::query()->whereBetween('date', [$since->toDateString(), $today])->where('note', 'like', '%ill%')->exists();

        return match (true) {
            $unanswered !== null => 'The reason: we still wait for your answer. '.$unanswered->question,
            $part !== null => 'The reason: a part that we ordered for it, the '.$part->name.', should have come on '.Say::day((string) $part->expected_on).' and has not come yet.',
            $setback => 'The reason: something did not come out as it should, and we make it again rather than let it pass.',
            $away => 'The reason: one of us was ill.',
            default => 'The reason: the work before yours took longer than we thought.',
        };
    }

    /** @return non-empty-list<string> */
    private function ready(Build $build, string $instrument): array
    {
        $balance = (int) $build->price_minor - (int) $build->deposit_minor;

        return [
            'Your instrument is ready', "{$instrument} is ready, strung up and looked over. It waits for you in the shop.",
            $balance > 0 ? "The balance is {$this->house->money($balance)}, before it is handed over." : '', 'Come by and play it, or tell us how it should travel to you: packing, carrier and insurance we agree on then.',
        ];
    }

    /** @return non-empty-list<string> what is invoiced and not paid, what is overdue first */
    private function reminder(Build $build, string $instrument): array
    {
        $today = $this->clock->today($this->house->zone());
        $owed = Invoice::query()->standing()->withPaid()->where('build_id', $build->id)->orderBy('due_on')->get()->filter(static fn (Invoice $one): bool => $one->leftMinor() > 0);
        $lines = $owed->map(fn (Invoice $one): string => "Invoice {$one->number} for the {$one->part}: {$this->house->money($one->leftMinor())}, ".($one->due_on < $today ? 'due since ' : 'due on ').Say::dayAndYear($one->due_on).'.')->values()->all();
        $account = trim($this->house->shop()->seller['account'] ?? '');

        return [
            'A payment for your instrument', $lines === [] ? '(Nothing that is invoiced is unpaid.)' : "perhaps it has slipped by: for {$instrument} we still wait for a payment.", ...$lines,
            $lines === [] ? '' : 'Please pay it'.($account === '' ? '' : " to {$account}").' and name the number of the invoice. If it is on its way already, take no notice of this; if something about it is not right, please tell us.',
        ];
    }

    /** @return non-empty-list<string> */
    private static function care(Build $build, string $instrument): array
    {
        $lines = ['How to care for your instrument', "a few words on how {$instrument} likes to live."];
        foreach (CareSheet::for(AsMade::read($build, AsMade::measured($build))->orFail()) as $heading => $sentences) {
            $lines[] = "{$heading}\n".implode(' ', $sentences);
        }

        return $lines;
    }
}
