<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Parts\PartGroup;
use Regimen\Units\Duration;

/**
 * A piece with all that is glued to it: what is lost, kept or moved together. Screws come out again, glue does not
 * (common practice).
 */
final readonly class Thing
{
    /**
     * @param  non-empty-list<PieceKind>  $kinds  the one that was asked for first
     * @param  list<Step>  $route
     */
    private function __construct(public array $kinds, private array $route)
    {
    }

    /** @param  list<Step>  $route  of its build, in order */
    public static function of(PieceKind $asked, array $route): self
    {
        $kinds = [$asked];
        $glued = array_filter($route, static fn (Step $step): bool => $step->isGluedUp());
        do {
            $before = count($kinds);
            foreach ($glued as $step) {
                $touched = array_values(array_filter(PieceKind::cases(), $step->touches(...)));
                $isPartOf = array_filter($touched, static fn (PieceKind $kind): bool => in_array($kind, $kinds, true)) !== [];
                foreach ($isPartOf ? $touched : [] as $kind) {
                    in_array($kind, $kinds, true) || $kinds[] = $kind;
                }
            }
        } while (count($kinds) > $before);

        return new self($kinds, $route);
    }

    public function has(PieceKind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }

    /** Whether there is anything of it yet. */
    public function isBegun(): bool
    {
        return $this->begun() !== [];
    }

    /** @return list<Step> begun or done on it and on nothing else */
    public function begun(): array
    {
        return array_values(array_filter($this->route, fn (Step $step): bool => $step->isBegun() && $step->isOnlyOn($this)));
    }

    /** @return list<Step> begun or done on it and on something that is not glued to it: fitted to each other, or coated together */
    public function fitted(): array
    {
        return array_values(array_filter($this->route, fn (Step $step): bool => $step->isBegun() && $step->isAcross($this)));
    }

    /** @return list<Step> all that is to be done again when it is made again */
    public function again(): array
    {
        return array_values(array_filter(
            $this->route, fn (Step $step): bool => $step->isBegun() && ($step->isOnlyOn($this) || $step->isAcross($this)),
        ));
    }

    /** @return list<Step> on it alone, done or not: what goes with it to another instrument */
    public function own(): array
    {
        return array_values(array_filter($this->route, fn (Step $step): bool => $step->isOnlyOn($this)));
    }

    public function worked(): Duration
    {
        return self::sum($this->begun(), static fn (Step $step): Duration => $step->worked);
    }

    /** Labour to come where all of it is made again, as estimated. */
    public function workAgain(): Duration
    {
        return self::sum($this->again(), static fn (Step $step): Duration => $step->work);
    }

    /** @return list<PartGroup> what is bought again: its timber, and what was used up, glued or sprayed on it */
    public function usedUp(): array
    {
        $groups = [];
        foreach ($this->begun() === [] ? [] : $this->kinds as $kind) {
            $groups[] = $kind->timber();
        }
        foreach ($this->again() as $step) {
            $groups = [...$groups, ...array_filter($step->uses, static fn (PartGroup $group): bool => $group->isForGood())];
        }

        return array_values(array_unique($groups, SORT_REGULAR));
    }

    /** `the neck`, `the neck with its fretboard`. */
    public function words(): string
    {
        $rest = array_map(static fn (PieceKind $kind): string => "its {$kind->value}", array_slice($this->kinds, 1));

        return "the {$this->kinds[0]->value}".($rest === [] ? '' : ' with '.implode(' and ', $rest));
    }

    /** What is glued to it, in a sentence. */
    public function joined(): string
    {
        $rest = array_map(static fn (PieceKind $kind): string => "the {$kind->value}", array_slice($this->kinds, 1));

        return match (true) {
            $this->begun() === [] => 'Nothing is cut yet.',
            $rest === [] => 'Nothing is glued to it yet.',
            default => ucfirst(implode(' and ', $rest)).' '.(count($rest) === 1 ? 'is' : 'are').' glued to it.',
        };
    }

    /**
     * @param  list<Step>  $steps
     * @param  callable(Step): Duration  $time
     */
    private static function sum(array $steps, callable $time): Duration
    {
        return array_reduce($steps, static fn (Duration $sum, Step $step): Duration => $sum->plus($time($step)), Duration::zero());
    }
}
