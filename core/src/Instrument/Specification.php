<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Geometry\FretTable;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\Bodywork;
use Regimen\Instrument\Body\Bridgework;
use Regimen\Instrument\Body\Layer;
use Regimen\Instrument\Brief\Brief;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Electrics\Electrics;
use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Finish\Finishing;
use Regimen\Instrument\Finish\GrainFill;
use Regimen\Instrument\Fretboard\Fretboard;
use Regimen\Instrument\Fretboard\MarkerMaterial;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Fretboard\Stringing;
use Regimen\Instrument\Neck\Headstock;
use Regimen\Instrument\Neck\Joinery;
use Regimen\Instrument\Neck\Neck;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** What an instrument is to be, complete: what was left out has been taken from the house or worked out. */
final readonly class Specification
{
    public function __construct(
        public Brief $brief,
        public Fretboard $board,
        public Stringing $stringing,
        public Neck $neck,
        public Headstock $head,
        public Joinery $joinery,
        public Bodywork $bodywork,
        public Bridgework $bridgework,
        public Electrics $electrics,
        public Finishing $finishing,
    ) {
    }

    public function frets(): FretTable
    {
        return FretTable::of($this->board->scale, $this->board->frets);
    }

    /** a0: a string over the fret plane at the nut, in mm; a zero fret is part of that plane (CALCULATIONS G15). */
    public function nutHeight(): float
    {
        return $this->board->zeroFret ? 0.0 : $this->brief->nutAction->mm;
    }

    /** @return list<Species> every timber that is in it, once */
    public function timbers(): array
    {
        $timbers = [];
        foreach ([$this->neck->neckTimber, $this->board->boardTimber, ...array_map(static fn (Layer $one): Species => $one->timber, $this->bodywork->layers)] as $timber) {
            $timbers[$timber->name] = $timber;
        }

        return array_values($timbers);
    }

    /** Whether shell is let into its face. */
    public function hasShell(): bool
    {
        return $this->board->markers !== MarkerShape::None && $this->board->markerMaterial === MarkerMaterial::Shell;
    }

    public function bodyThickness(): Length
    {
        return array_reduce(
            $this->bodywork->layers,
            static fn (Length $sum, Layer $layer): Length => $sum->plus($layer->thickness),
            Length::ofMillimetres(0),
        );
    }

    /**
     * A board is lacquered when the house lacquers and the timber is neither oily nor dense enough to be left bare
     * (rule of order 2; common practice), unless the specification says otherwise.
     */
    public function boardIsLacquered(): bool
    {
        return $this->finishing->finish->isLacquer() && match ($this->finishing->boardFinish) {
            BoardFinish::ByTimber => ! $this->board->boardTimber->oily,
            BoardFinish::Lacquered => true,
            BoardFinish::Bare, BoardFinish::Oiled => false,
        };
    }

    public function isColoured(): bool
    {
        return trim($this->finishing->colour) !== '';
    }

    /** Whether the colour goes into the bare timber: under oil always, under lacquer when it is called a stain. */
    public function isStained(): bool
    {
        return $this->isColoured() && (
            ! $this->finishing->finish->isLacquer() || str_contains(mb_strtolower($this->finishing->colour), 'stain')
        );
    }

    public function isBurst(): bool
    {
        return str_contains(mb_strtolower($this->finishing->colour), 'burst');
    }

    /** Whether lacquer would stand over open pores, so that they are filled first (common practice). */
    public function needsGrainFill(): bool
    {
        return $this->topTimberIsOpen() && match ($this->finishing->grainFill) {
            GrainFill::ByTimber => $this->finishing->finish->isLacquer(),
            GrainFill::Filled => true,
            GrainFill::Open => false,
        };
    }

    public function topTimberIsOpen(): bool
    {
        return $this->bodywork->layers[0]->timber->openPored;
    }

    public function isLayered(): bool
    {
        return count($this->bodywork->layers) > 1;
    }

    public function isHollow(): bool
    {
        return $this->bodywork->body->isHollow();
    }

    /** Whether anything is hollowed out for weight or sound: chambers, or relief in a solid body. */
    public function isRelieved(): bool
    {
        return $this->isHollow() || $this->bodywork->body === BodyConstruction::Solid && $this->bodywork->weightRelief;
    }

    public function isDoubled(): bool
    {
        return $this->brief->type->isDoubled($this->brief->strings);
    }

    /** One line for lists: `six-string, chambered, white ash and black walnut`. */
    public function inOneLine(): string
    {
        $numbers = [
            4 => 'four', 5 => 'five', 6 => 'six', 7 => 'seven', 8 => 'eight', 9 => 'nine', 10 => 'ten', 11 => 'eleven',
            12 => 'twelve',
        ];
        $timbers = array_unique(
            array_map(static fn (Layer $layer): string => $layer->timber->name, $this->bodywork->layers),
        );
        $kind = ($this->brief->hand === Hand::Left ? 'left-handed ' : '').$numbers[$this->brief->strings].'-string'
            .($this->brief->type === InstrumentType::Bass ? ' bass' : '');

        return $kind.', '.$this->bodywork->body->words().', '.implode(' and ', $timbers);
    }
}
