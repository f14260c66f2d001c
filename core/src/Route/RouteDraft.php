<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\RouteKey;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Units\Duration;

/** A route in the making: rules add operations and links; a link to an operation that no rule adds falls away. */
final class RouteDraft
{
    /** @var array<string, Operation> */
    private array $operations = [];

    /** @var list<Link> */
    private array $links = [];

    private string $rule = '';

    public function __construct(
        private readonly HouseStandards $standards,
        private readonly Specification $specification,
        private readonly Methods $methods,
    ) {
    }

    /** Names the rule that is speaking from now on. */
    public function by(RouteRule $rule): void
    {
        $this->rule = $rule->name();
    }

    public function has(RouteKey $key): bool
    {
        return isset($this->operations[$key->value]);
    }

    /**
     * Adds an operation with its house standard, in the way that was chosen for it.
     *
     * @param  list<Piece>  $pieces
     * @param  list<PartGroup>|null  $needs  where it needs other parts than its entry says
     * @param  TradeOperation|null  $standard  whose standard it takes, where it is not its own
     * @param  Adhesive|null  $glue  what it is glued with
     * @param  float  $share  of the standard's labour
     */
    public function add(
        TradeOperation|CoatStep|StepKey $key,
        array $pieces,
        ?array $needs = null,
        ?TradeOperation $standard = null,
        ?string $name = null,
        ?Duration $hold = null,
        ?Adhesive $glue = null,
        string $why = '',
        float $share = 1.0,
    ): void {
        $wanted = $standard ?? (
            $key instanceof TradeOperation ? $key : throw UnknownStandard::operation(StepKey::of($key)->text)
        );
        $entry = Operations::entry($key instanceof TradeOperation ? $key : $wanted);
        $house = $this->standards->operation((string) $wanted->value, $this->methods->tool((string) $wanted->value));
        $step = StepKey::of($key)->text;
        $factor = $house->driver?->factor($this->specification, $house->fixedPercent) ?? 1.0;
        $hold ??= $house->hold;
        $this->operations[$step] = new Operation(
            $step,
            $name ?? $house->name,
            $house,
            $house->setUp,
            $house->hours->times($factor * $share),
            $glue === null ? $hold : $glue->hold($hold, $this->standards->house->glueShare($glue)),
            $hold->minutes > 0 ? $house->holdKind ?? HoldKind::Rest : null,
            $pieces,
            $needs ?? $entry->needs,
            Cautions::for($house, Operations::entry($wanted), $glue, $this->specification),
            $this->setUpKey($house, $wanted),
            $this->rule,
            $why,
            $this->drivenBy($house),
            Operations::entry($wanted)->hands?->areNeededFor($this->specification) ?? true ? $house->hands : 0,
            $house->alone,
        );
    }

    /** One of several like steps that share the labour of one operation, each waiting for a part of its own. */
    public function addShare(
        StepKey $key,
        TradeOperation $operation,
        PartGroup $part,
        int $among,
        string $name,
        string $why,
    ): void {
        $this->add($key, [], [$part], $operation, $name, why: $why, share: 1 / $among);
    }

    /** What the tool is set to, so that the same set-up can serve several instruments in one go (rule of order 10). */
    private function setUpKey(Standard $house, TradeOperation $operation): string
    {
        if ($house->setUp->minutes === 0) {
            return '';
        }
        $setTo = Operations::entry($operation)->setTo;
        $settings = array_map(
            static fn (float|int|string $value): string => is_float($value)
                ? (string) round($value, 2)
                : (string) $value,
            $setTo === null ? [] : $setTo($this->specification),
        );

        return implode(' ', [$house->key, $house->tool->value, ...$settings]);
    }

    private function drivenBy(Standard $house): string
    {
        if ($house->driver === null) {
            return '';
        }
        $amount = self::plain($house->driver->of($this->specification));

        return "{$house->driver->words()}: {$amount}, standard for ".self::plain($house->driver->usual());
    }

    private static function plain(float $amount): string
    {
        return rtrim(rtrim(number_format($amount, 1, '.', ''), '0'), '.');
    }

    /**
     * @param  RouteKey|StepKey|list<RouteKey|StepKey>  $key  what comes after
     * @param  RouteKey|StepKey|list<RouteKey|StepKey>  $before  what must be over before; what the route lacks is
     *   passed over
     * @param  string  $spoils  what is spoiled for good otherwise; empty where it only costs quality or time
     */
    public function after(
        RouteKey|StepKey|array $key,
        RouteKey|StepKey|array $before,
        string $reason,
        string $spoils = '',
        ?Duration $window = null,
    ): void {
        foreach (is_array($before) ? $before : [$before] as $earlier) {
            foreach (is_array($key) ? $key : [$key] as $later) {
                $this->links[] = new Link(
                    StepKey::of($earlier)->text, StepKey::of($later)->text, $reason, $spoils, $this->rule, $window,
                );
            }
        }
    }

    public function finish(FinishSystem $system): FinishStandard
    {
        return $this->standards->finish($system);
    }

    /**
     * The route in an order that obeys its links. Where rules contradict each other the one that was chosen against the
     * trade's usual way gives way, and the clash is kept.
     *
     * @param  array<string, bool>  $schools  names of rules that answer a question, and whether in another than the
     *   usual way
     */
    public function route(array $schools = []): Route
    {
        $links = [];
        foreach ($this->links as $link) {
            if (isset($this->operations[$link->before], $this->operations[$link->after])) {
                $known = $links["{$link->before} {$link->after}"] ?? null;
                $links["{$link->before} {$link->after}"] = $known === null ? $link : $known->joined($link);
            }
        }
        $clashes = [];
        while (($loop = Loops::first(array_keys($this->operations), $links)) !== []) {
            [$dropped, $against] = self::givesWay($loop, $schools);
            unset($links["{$dropped->before} {$dropped->after}"]);
            $clashes["{$dropped->rule} {$against->rule}"] ??= new Clash($dropped, $against);
        }

        return Route::of(array_values($this->operations), array_values($links), array_values($clashes));
    }

    /**
     * @param  non-empty-list<Link>  $loop
     * @param  array<string, bool>  $schools
     * @return array{Link, Link}
     */
    private static function givesWay(array $loop, array $schools): array
    {
        $dropped = $loop[0];
        foreach ($loop as $link) {
            if ($schools[$link->rule] ?? false) {
                $dropped = $link;
            }
        }
        $others = array_values(array_filter($loop, static fn (Link $link): bool => $link->rule !== $dropped->rule));
        $answers = array_values(array_filter($others, static fn (Link $link): bool => isset($schools[$link->rule])));
        $strict = array_values(array_filter($others, static fn (Link $link): bool => $link->spoils !== ''));

        return [$dropped, $answers[0] ?? $strict[0] ?? $others[0] ?? $dropped];
    }
}
