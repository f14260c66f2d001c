<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Route\Entry\RouteKey;
use Regimen\Route\Operations\CoatOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\Operations\Surface;
use Regimen\Route\RouteDraft;
use Regimen\Route\Standards\FinishStandard;

/** Seal, coats, cure, level and polish on one surface: the body, the neck or both together. */
final readonly class CoatSequence
{
    private const TORN = 'Drilling, sanding and fitting afterwards tear the film.';

    private int $coats;

    public function __construct(private Surface $surface, private FinishStandard $house)
    {
        $this->coats = $surface === Surface::Neck ? $house->neckCoats : $house->bodyCoats;
    }

    /** @param  list<RouteKey>  $before  what has to be over before the first coat */
    public function addTo(RouteDraft $draft, array $before, string $reason): void
    {
        $last = null;
        if ($this->house->system->isLacquer()) {
            $last = StepKey::of($this->surface->seal());
            $this->seal($draft, $before, $reason);
        }
        for ($coat = 1; $coat <= $this->coats; $coat++) {
            $key = $this->keyOf($coat);
            $this->coat($draft, $coat);
            if ($coat === 1) {
                $draft->after($key, self::without($before, $this->surface->seal()), $reason, self::TORN);
            }
            if ($last !== null) {
                $this->recoat($draft, $last, $coat);
            }
            $last = $key;
        }
        if ($this->house->system->isLacquer()) {
            $this->level($draft);
        }
    }

    /** @param  list<RouteKey>  $before */
    private function seal(RouteDraft $draft, array $before, string $reason): void
    {
        $seal = $this->surface->seal();
        if (! $draft->has($seal)) {
            $why = 'The sealer closes the timber, so that every coat lies on the same ground.';
            $name = 'seal'.$this->surface->words();
            $draft->add($seal, $this->surface->pieces(), standard: FinishOperation::Seal, name: $name, why: $why);
        }
        $draft->after($seal, self::without($before, $seal, FinishOperation::Colour), $reason, self::TORN);
    }

    private function coat(RouteDraft $draft, int $coat): void
    {
        $cures = $coat === $this->coats;
        $draft->add(
            $this->keyOf($coat),
            $this->surface->pieces(),
            standard: CoatOperation::of($this->house->system),
            name: "coat {$coat}{$this->surface->words()}".($cures ? ', then cure' : ''),
            hold: $this->house->holdAfter($coat, $this->coats),
            why: 'The film is built coat by coat.',
        );
    }

    private function recoat(RouteDraft $draft, StepKey $last, int $coat): void
    {
        $reason = $coat === 1
            ? 'The first coat stands on the sealer.'
            : 'Each coat goes on the one before when its recoat time is over.';
        $spoils = 'Wet lacquer under a new coat wrinkles; the film has to come off.';
        $draft->after($this->keyOf($coat), $last, $reason, $spoils, $coat === 1 ? null : $this->house->window);
    }

    private function level(RouteDraft $draft): void
    {
        $isNeck = $this->surface === Surface::Neck;
        $level = $this->surface->level();
        $why = 'Dust and runs are cut flat; edges and corners carry the least film.';
        $standard = $isNeck ? FinishOperation::LevelNeck : FinishOperation::Level;
        $draft->add($level, $this->surface->pieces(), standard: $standard, why: $why);
        $reason = 'Lacquer that is levelled before it has cured sinks again.';
        $draft->after(
            $level, $this->keyOf($this->coats), $reason,
            'The film sinks and the grain shows; it has to be lacquered again.',
        );
        $polish = $this->surface->polish();
        $standard = $isNeck ? FinishOperation::PolishNeck : FinishOperation::Polish;
        $draft->add($polish, $this->surface->pieces(), standard: $standard, why: 'The gloss comes last.');
        $draft->after($polish, $level, 'Polishing follows the finest abrasive.');
    }

    private function keyOf(int $coat): StepKey
    {
        return $coat === $this->coats ? StepKey::of($this->surface->cure()) : StepKey::coat($this->surface, $coat);
    }

    /**
     * @param  list<RouteKey>  $keys
     * @return list<RouteKey>
     */
    private static function without(array $keys, RouteKey ...$not): array
    {
        return array_values(array_filter($keys, static fn (RouteKey $key): bool => ! in_array($key, $not, true)));
    }
}
