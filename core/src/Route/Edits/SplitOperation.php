<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Link;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** One operation in two goes; the hold and the gate come after the second. */
final readonly class SplitOperation implements Edit
{
    public function __construct(public string $key, public Duration $first)
    {
    }

    public function apply(Workbench $bench): void
    {
        $whole = $bench->operation($this->key);
        $likely = $whole->hours->likely->minutes;
        if ($whole->standard->oneSitting) {
            throw ImpossibleEdit::because(
                "“{$whole->name}” is done in one sitting: what is glued or sprayed cannot be left half-way.",
            );
        }
        if ($this->first->minutes < 1 || $this->first->minutes >= $likely) {
            throw ImpossibleEdit::because(
                "The first part of “{$whole->name}” takes some of its ".Duration::ofMinutes($likely)
                    .', and leaves some.',
            );
        }
        $second = "{$this->key}.2";
        if ($bench->has($second)) {
            throw ImpossibleEdit::because("“{$whole->name}” is in two parts already.");
        }
        $first = $whole->hours->times($this->first->minutes / $likely);
        $bench->put(
            $whole->with(
                [
                    'name' => "{$whole->name}, first part", 'hours' => $first, 'hold' => Duration::zero(),
                    'holdKind' => null, 'hands' => 0, 'alone' => 0,
                ],
            ),
        );
        $bench->put(
            $whole->with(
                [
                    'key' => $second, 'name' => "{$whole->name}, second part", 'setUp' => Duration::zero(),
                    'setUpKey' => '', 'hours' => self::rest($whole->hours, $first),
                ],
            ),
            $this->key,
        );
        foreach ($bench->after($this->key) as $link) {
            $bench->unlink($link->before, $link->after);
            $bench->link(new Link($second, $link->after, $link->reason, $link->spoils, $link->rule, $link->window));
        }
        $bench->link(new Link($this->key, $second, 'One part after the other.', rule: Workbench::OWN));
    }

    private static function rest(ThreePoint $whole, ThreePoint $first): ThreePoint
    {
        $left = static fn (Duration $all, Duration $part): Duration => Duration::ofMinutes(
            $all->minutes - $part->minutes,
        );

        return new ThreePoint(
            $left($whole->best, $first->best), $left($whole->likely, $first->likely),
            $left($whole->worst, $first->worst),
        );
    }

    public function words(Workbench $bench): string
    {
        return "“{$bench->nameOf($this->key)}” split after {$this->first}.";
    }

    public function toArray(): array
    {
        return ['kind' => 'split', 'key' => $this->key, 'first' => $this->first->minutes];
    }
}
