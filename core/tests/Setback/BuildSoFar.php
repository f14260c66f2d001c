<?php

declare(strict_types=1);

namespace Regimen\Tests\Setback;

use Regimen\Parts\PartGroup;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\OperationState;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Setback\Step;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;

/** A build of which some operations are done, as its setbacks see it, and the plan of what is left. */
final readonly class BuildSoFar
{
    /** @param  list<string>  $done */
    private function __construct(public Route $route, public array $done)
    {
    }

    /**
     * With everything done that comes before these, and these.
     *
     * @param  array<string, mixed>  $specification
     */
    public static function upTo(array $specification, string ...$keys): self
    {
        $route = RoutePlanner::withAllRules()->plan(Specifications::sixString($specification), TradeStandards::all());
        $done = [];
        foreach ($keys as $key) {
            $done += $route->ancestors()[$key] + [$key => true];
        }

        return new self($route, array_keys($done));
    }

    /** @return list<Step> each done operation was worked on for an hour */
    public function steps(): array
    {
        return array_values(array_map(fn (Operation $one): Step => new Step(
            $one->key, $one->name, $one->standard->stage, $one->pieces, in_array($one->key, $this->done, true) ? OperationState::Done : OperationState::Open, $one->holdKind,
            Duration::ofMinutes($one->work()->minutes), Duration::ofMinutes(in_array($one->key, $this->done, true) ? 60 : 0), $this->uses($one),
        ), $this->route->operations));
    }

    /** @param  list<Step>  $again  to be done again */
    public function reopened(array $again): self
    {
        return new self($this->route, array_values(array_diff($this->done, array_map(static fn (Step $step): string => $step->key, $again))));
    }

    /** @param  list<array<string, mixed>>  $edits  as they are kept */
    public function edited(array $edits): self
    {
        return new self(Edits::apply($this->route, $edits)->route, $this->done);
    }

    /** Minutes of labour that are left, with set-ups. */
    public function left(): int
    {
        return array_sum(array_map(fn (Operation $one): int => in_array($one->key, $this->done, true) ? 0 : $one->work()->minutes, $this->route->operations));
    }

    /** The minute at which one person alone has done all that is left. */
    public function finish(): int
    {
        $now = intdiv((int) strtotime('2026-03-02 08:00 UTC'), 60);
        $open = array_filter($this->route->operations, fn (Operation $one): bool => ! in_array($one->key, $this->done, true));
        $activities = array_map(fn (Operation $one): Activity => new Activity(
            $one->key, 'b', $one->work()->minutes, $one->hold->minutes, 'any',
            array_values(array_map(static fn (Link $link): Predecessor => new Predecessor($link->before), array_filter($this->route->links, static fn (Link $link): bool => $link->after === $one->key))),
        ), array_values($open));
        $worker = new Worker(1, 'Ines', ['any'], Calendar::from(WorkingHours::of(array_fill(1, 5, [[480, 720], [780, 1020]]), [], new \DateTimeZone('UTC')), $now));
        $problem = new Problem($now, $activities, [$worker], []);

        return (int) Builder::plan($problem)->finishOf('b', $problem);
    }

    /** @return list<PartGroup> */
    private function uses(Operation $one): array
    {
        $known = Operations::find($one->key);

        return [...$one->needs, ...$known === null ? [] : Operations::entry($known)->usesUp];
    }
}
