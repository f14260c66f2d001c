<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Geometry\FretTable;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** What an instrument is to be. Whatever can be derived from these figures is derived elsewhere. */
final readonly class Specification
{
    /** How far a board reaches beyond its last fret when its length is not given; common practice. */
    public const OVERHANG_MM = 8.0;

    /** @param  list<Layer>  $layers  from the top down, at least one */
    public function __construct(
        public InstrumentType $type,
        public int $strings,
        public Hand $hand,
        public Length $scale,
        public int $frets,
        public Length $nutWidth,
        public ?Length $boardLength,
        public NeckJoint $joint,
        public BodyConstruction $body,
        public Species $neckTimber,
        public Species $boardTimber,
        public array $layers,
        public FinishSystem $finish,
        public string $colour,
        public int $pickups,
        public string $electronics,
        public string $wishes,
    ) {
    }

    public function frets(): FretTable
    {
        return FretTable::of($this->scale, $this->frets);
    }

    public function boardLength(): Length
    {
        return $this->boardLength ?? $this->frets()->last()->plus(Length::ofMillimetres(self::OVERHANG_MM));
    }

    public function bodyThickness(): Length
    {
        return array_reduce($this->layers, static fn (Length $sum, Layer $layer): Length => $sum->plus($layer->thickness), Length::ofMillimetres(0));
    }

    /**
     * A board is lacquered when the house lacquers and the timber is neither oily nor dense enough to be left bare
     * (rule of order 2; common practice).
     */
    public function boardIsLacquered(): bool
    {
        return $this->finish->isLacquer() && ! $this->boardTimber->oily;
    }

    public function isColoured(): bool
    {
        return trim($this->colour) !== '';
    }

    /** Whether lacquer would stand over open pores, so that they are filled first (common practice). */
    public function needsGrainFill(): bool
    {
        return $this->finish->isLacquer() && $this->layers[0]->timber->openPored;
    }

    public function isLayered(): bool
    {
        return count($this->layers) > 1;
    }

    /** One line for lists: `six-string, chambered, white ash and black walnut`. */
    public function inOneLine(): string
    {
        $numbers = [4 => 'four', 5 => 'five', 6 => 'six', 7 => 'seven', 8 => 'eight', 9 => 'nine', 10 => 'ten', 11 => 'eleven', 12 => 'twelve'];
        $timbers = array_unique(array_map(static fn (Layer $layer): string => $layer->timber->name, $this->layers));
        $kind = ($this->hand === Hand::Left ? 'left-handed ' : '').$numbers[$this->strings].'-string'
            .($this->type === InstrumentType::Bass ? ' bass' : '');

        return $kind.', '.$this->body->value.', '.implode(' and ', $timbers);
    }
}
