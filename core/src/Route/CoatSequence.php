<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;

/** Seal, coats, cure, level and polish on one surface: the body, the neck or both together. */
final readonly class CoatSequence
{
    private const TORN = 'Drilling, sanding and fitting afterwards tear the film.';

    /** @param  list<Piece>  $pieces */
    private function __construct(private string $prefix, private string $surface, private array $pieces, private int $coats, private string $levelling, private FinishStandard $house)
    {
    }

    public static function onBody(FinishStandard $house): self
    {
        return new self('finish.body', ' on the body', [Piece::Body], $house->bodyCoats, 'finish', $house);
    }

    public static function onNeck(FinishStandard $house): self
    {
        return new self('finish.neck', ' on the neck', [Piece::Neck, Piece::Fretboard], $house->neckCoats, 'finish.neck', $house);
    }

    public static function onBoth(FinishStandard $house): self
    {
        return new self('finish', '', Piece::cases(), $house->bodyCoats, 'finish', $house);
    }

    /** @param  list<string>  $before  what has to be over before the first coat */
    public function addTo(RouteDraft $draft, FinishSystem $system, array $before, string $reason): void
    {
        $last = null;
        if ($system->isLacquer()) {
            $last = "{$this->prefix}.seal";
            $draft->addIfMissing($last, $this->pieces, ['finish'], 'finish.seal', 'seal'.$this->surface, 'The sealer closes the timber, so that every coat lies on the same ground.');
            $draft->after($last, array_values(array_diff($before, [$last, 'finish.colour'])), $reason, self::TORN);
        }
        for ($coat = 1; $coat <= $this->coats; $coat++) {
            $key = $this->keyOf($coat);
            $draft->add($key, $this->pieces, ['finish'], "finish.coat-{$system->value}", $this->nameOf($coat), $this->house->holdAfter($coat, $this->coats), why: 'The film is built coat by coat.');
            if ($coat === 1) {
                $draft->after($key, array_values(array_diff($before, [$last])), $reason, self::TORN);
            }
            if ($last !== null) {
                $draft->after($key, $last, $coat === 1 ? 'The first coat stands on the sealer.' : 'Each coat goes on the one before when its recoat time is over.', 'Wet lacquer under a new coat wrinkles; the film has to come off.', $coat === 1 ? null : $this->house->window);
            }
            $last = $key;
        }
        if ($system->isLacquer()) {
            $this->level($draft);
        }
    }

    private function level(RouteDraft $draft): void
    {
        $draft->add("{$this->prefix}.level", $this->pieces, [], "{$this->levelling}.level", why: 'Dust and runs are cut flat; edges and corners carry the least film.');
        $draft->after("{$this->prefix}.level", $this->keyOf($this->coats), 'Lacquer that is levelled before it has cured sinks again.', 'The film sinks and the grain shows; it has to be lacquered again.');
        $draft->add("{$this->prefix}.polish", $this->pieces, [], "{$this->levelling}.polish", why: 'The gloss comes last.');
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
