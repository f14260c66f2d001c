<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\AcceptedFinding;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\SpecificationRevision;
use App\Pages\Shop\BuildName;
use App\Pages\Specification\AcceptedLine;
use App\Pages\Specification\RevisionComparison;
use App\Pages\Specification\RevisionLine;
use App\Pages\Specification\RevisionsProps;
use App\Pages\Worked\Change;
use App\Pages\Worked\SaidFinding;
use App\Planning\House\House;
use App\Planning\Plan\WhatFollows;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Costing\UnknownPrice;
use Regimen\Findings\Finding;
use Regimen\Revision\Comparison;
use Regimen\Revision\RevisedValue;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Units\Money;

/** Two revisions side by side: what changed, in words, and what follows. */
final readonly class RevisionsPage
{
    public function __construct(
        private Revisions $revisions,
        private Drafting $drafting,
        private WhatFollows $whatFollows,
        private House $house,
    ) {
    }

    public function data(Build $build, int $from, int $to): RevisionsProps
    {
        $build->load(['revisions.person', 'acceptedFindings.person']);
        $numbers = $build->revisions->pluck('number')->all();
        $last = (int) $build->revisions->max('number');
        $to = in_array($to, $numbers, true) ? $to : $last;
        $from = in_array($from, $numbers, true) ? $from : max(1, $to - 1);

        $revisions = array_values($build->revisions->map(static fn (SpecificationRevision $one): RevisionLine => new RevisionLine(
            number: $one->number,
            at: $one->at->toIso8601ZuluString(),
            by: $one->person?->name,
            released: $one->released_at?->toIso8601ZuluString(),
        ))->all());
        $accepted = array_values($build->acceptedFindings->map(static fn (AcceptedFinding $one): AcceptedLine => new AcceptedLine(
            title: $one->title,
            figures: $one->figures,
            reason: $one->reason,
            by: $one->person->name,
            at: $one->at->toIso8601ZuluString(),
            revision: $one->revision,
        ))->all());
        // Trying it in the shop reads the build again.
        [$comparison, $missing] = $this->compared($build, $from, $to);

        return new RevisionsProps(
            build: new BuildName(number: $build->number, title: $build->title),
            revisions: $revisions,
            accepted: $accepted,
            from: $from,
            to: $to,
            comparison: $comparison,
            missing: $missing,
        );
    }

    /** @return array{RevisionComparison|null, string|null} and what the house lacks to work one of them out */
    private function compared(Build $build, int $from, int $to): array
    {
        $numbered = static fn (int $number): ?SpecificationRevision => $build->revisions->firstWhere('number', $number);
        try {
            return [$from === $to ? null : $this->comparison($build, $numbered($from), $numbered($to)), null];
        } catch (UnknownPrice|UnknownStandard $missing) {
            return [null, $missing->getMessage()];
        }
    }

    private function comparison(Build $build, ?SpecificationRevision $from, ?SpecificationRevision $to): ?RevisionComparison
    {
        if ($from === null || $to === null) {
            return null;
        }
        $before = Revisions::read($from);
        $after = Revisions::read($to);
        $one = $this->revisions->workings($before, $build);
        $other = $this->revisions->workings($after, $build);
        $was = $this->drafting->draft($before->orFail(), $build);
        $is = $this->drafting->draft($after->orFail(), $build);
        $findings = Comparison::findings($one, $other);
        $words = static fn (Finding $finding): SaidFinding => new SaidFinding(
            severity: $finding->severity,
            title: $finding->title,
            figures: $finding->figures,
        );

        return new RevisionComparison(
            values: self::changes(Comparison::values($before, $after)),
            figures: self::changes(Comparison::figures($one, $other)),
            gone: array_map($words, $findings['gone']),
            new: array_map($words, $findings['new']),
            kit: self::changes(Comparison::kit($was->kit, $is->kit)),
            operations: self::changes(Comparison::operations($was->route, $is->route)),
            follows: $this->follows($build, $to, $was, $is),
        );
    }

    /**
     * @param  list<RevisedValue>  $changes
     * @return list<Change>
     */
    private static function changes(array $changes): array
    {
        return array_map(
            static fn (RevisedValue $change): Change => new Change(
                name: $change->name,
                before: $change->before,
                after: $change->after,
            ),
            $changes,
        );
    }

    /** @return list<string> */
    private function follows(Build $build, SpecificationRevision $to, Draft $was, Draft $is): array
    {
        $hours = round($is->route->work()->hours() - $was->route->work()->hours(), 2);
        $sentences = [
            $hours === 0.0
                ? 'The hours stay the same.'
                : Say::figure(abs($hours)).' h '.($hours > 0 ? 'more' : 'fewer').': '
                .Say::figure($is->route->work()->hours()).' h in all.',
            self::money('Material', $was->quote->material, $is->quote->material),
            self::money('The cost of the build', $was->quote->cost, $is->quote->cost),
        ];
        if ($to->isReleased() || $to->number === 1 || $build->status !== BuildStatus::Open) {
            return $sentences;
        }
        [$before, $after, $useless] = $this->whatFollows->of($build, $is);

        return [
            ...$sentences,
            'Planned finish if it is released: '.$this->day($after).(
                $before?->toDateString() === $after?->toDateString() ? ', as before.' : ', now '.$this->day($before).'.'
            ),
            ...$useless,
        ];
    }

    private function day(?CarbonImmutable $instant): string
    {
        return $instant === null
            ? 'none, it cannot be planned'
            : Say::day($instant->setTimezone($this->house->zone())->toDateString());
    }

    private static function money(string $what, Money $was, Money $is): string
    {
        $by = $is->minor - $was->minor;

        return $by === 0
            ? "{$what} stays at {$is}."
            : "{$what} ".($by > 0 ? 'rises' : 'falls').' by '.Money::ofMinor(abs($by), $is->currency)." to {$is}.";
    }
}
