<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;

/** Seal, coats, cure, level and polish on one surface: the body, the neck or both together. */
final readonly class CoatSequence
{
    /** @param  list<Piece>  $pieces */
    private function __construct(private string $prefix, private string $surface, private array $pieces, private int $coats, private string $levelling)
    {
    }

    public static function onBody(FinishStandard $house): self
    {
        return new self('finish.body', ' on the body', [Piece::Body], $house->bodyCoats, 'finish');
    }

    public static function onNeck(FinishStandard $house): self
    {
        return new self('finish.neck', ' on the neck', [Piece::Neck, Piece::Fretboard], $house->neckCoats, 'finish.neck');
    }

    public static function onBoth(FinishStandard $house): self
    {
        return new self('finish', '', Piece::cases(), $house->bodyCoats, 'finish');
    }

    /** @param  list<string>  $before  what has to be over before the first coat */
    public function addTo(RouteDraft $draft, Specification $specification, FinishStandard $house, array $before, string $reason): void
    {
        $last = null;
        if ($specification->finishing->finish->isLacquer()) {
            $last = "{$this->prefix}.seal";
            $draft->add($last, $this->pieces, ['finish'], standard: 'finish.seal', name: 'seal'.$this->surface);
            $draft->after($last, $before, $reason);
        }
        for ($coat = 1; $coat <= $this->coats; $coat++) {
            $key = $this->keyOf($coat);
            $draft->add($key, $this->pieces, ['finish'], "finish.coat-{$specification->finishing->finish->value}", $this->nameOf($coat), $house->holdAfter($coat, $this->coats));
            $last === null
                ? $draft->after($key, $before, $reason)
                : $draft->after($key, $last, $coat === 1 ? 'The first coat stands on the sealer.' : 'Each coat goes on the one before when its recoat time is over.');
            $last = $key;
        }
        if ($specification->finishing->finish->isLacquer()) {
            $this->level($draft);
        }
    }

    private function level(RouteDraft $draft): void
    {
        $draft->add("{$this->prefix}.level", $this->pieces, [], "{$this->levelling}.level");
        $draft->after("{$this->prefix}.level", $this->keyOf($this->coats), 'Lacquer that is levelled before it has cured sinks again.');
        $draft->add("{$this->prefix}.polish", $this->pieces, [], "{$this->levelling}.polish");
        $draft->after("{$this->prefix}.polish", "{$this->prefix}.level", 'Polishing follows the finest abrasive.');
    }

    private function keyOf(int $coat): string
    {
        return $coat === $this->coats ? "{$this->prefix}.cure" : "{$this->prefix}.coat-{$coat}";
    }

    private function nameOf(int $coat): string
    {
        return "coat {$coat}{$this->surface}".($coat === $this->coats ? ', then cure' : '');
    }
}
