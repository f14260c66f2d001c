<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;
use Regimen\Instrument\Specification;
use Regimen\Units\Duration;

/** A route in the making: rules add operations and links; a link to an operation that no rule adds falls away. */
final class RouteDraft
{
    private const BOOTH = 'spray-booth';

    /** @var array<string, Operation> */
    private array $operations = [];

    /** @var list<Link> */
    private array $links = [];

    private string $rule = '';

    public function __construct(private readonly HouseStandards $standards, private readonly Specification $specification, private readonly Methods $methods)
    {
    }

    /** Names the rule that is speaking from now on. */
    public function by(RouteRule $rule): void
    {
        $this->rule = $rule->name();
    }

    /**
     * Adds an operation with its house standard, in the way that was chosen for it.
     *
     * @param  list<Piece>  $pieces
     * @param  list<string>  $needs  keys of kit lines
     * @param  string|null  $standard  the standard's key, where it differs from the operation's
     * @param  Adhesive|null  $glue  what it is glued with
     * @param  list<Caution>  $cautions  that this instrument adds
     * @param  float  $share  of the standard's labour
     */
    public function add(string $key, array $pieces, array $needs = [], ?string $standard = null, ?string $name = null, ?Duration $hold = null, ?Adhesive $glue = null, array $cautions = [], string $why = '', float $share = 1.0): void
    {
        $wanted = $standard ?? $key;
        $house = $this->standards->operation($wanted, $this->methods->tool($wanted));
        $factor = $house->driver?->factor($this->specification, $house->fixedPercent) ?? 1.0;
        $hold ??= $house->hold;
        $this->operations[$key] = new Operation(
            $key,
            $name ?? $house->name,
            $house->stage,
            $house->setUp,
            $house->hours->times($factor * $share),
            $glue === null ? $hold : $glue->hold($hold, $this->standards->house->glueShare($glue)),
            $hold->minutes > 0 ? $house->holdKind ?? HoldKind::Rest : null,
            $house->skill,
            $house->station,
            $house->fixture,
            $house->fixtures,
            $house->oneSitting,
            $pieces,
            $needs,
            Cautions::of($house, $this->specification, $cautions),
            $wanted,
            $house->tool,
            $house->way,
            $house->risk,
            $house->setUp->minutes === 0 ? '' : SetUps::key($house, $this->specification),
            $this->rule,
            $why,
            $house->driver === null ? '' : sprintf('%s: %s, standard for %s', $house->driver->words(), self::plain($house->driver->of($this->specification)), self::plain($house->driver->usual())),
            $house->station === self::BOOTH,
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<string>  $needs
     */
    public function addIfMissing(string $key, array $pieces, array $needs, string $standard, string $name, string $why): void
    {
        if (! isset($this->operations[$key])) {
            $this->add($key, $pieces, $needs, $standard, $name, why: $why);
        }
    }

    private static function plain(float $amount): string
    {
        return rtrim(rtrim(number_format($amount, 1, '.', ''), '0'), '.');
    }

    /**
     * @param  string|list<string>  $key  what comes after
     * @param  string|list<string>  $before  operations that must be over before; those that the route lacks are passed over
     * @param  string  $spoils  what is spoiled for good otherwise; empty where it only costs quality or time
     */
    public function after(string|array $key, string|array $before, string $reason, string $spoils = '', ?Duration $window = null): void
    {
        foreach ((array) $before as $earlier) {
            foreach ((array) $key as $later) {
                $this->links[] = new Link($earlier, $later, $reason, $spoils, $this->rule, $window);
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
     * @param  array<string, bool>  $schools  names of rules that answer a question, and whether in another than the usual way
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
