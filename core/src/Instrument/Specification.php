<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Geometry\FretTable;
use Regimen\Geometry\MultiScale;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\Bodywork;
use Regimen\Instrument\Body\Boxwork;
use Regimen\Instrument\Body\BridgeKind;
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
use Regimen\Instrument\Fretboard\StringMaterial;
use Regimen\Instrument\Neck\Headstock;
use Regimen\Instrument\Neck\Joinery;
use Regimen\Instrument\Neck\Neck;
use Regimen\Strings\Gauge;
use Regimen\Strings\StringMass;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** What an instrument is to be, complete: what was left out has been taken from the house or worked out. */
final readonly class Specification
{
    /** Scales that differ by less are one, in mm. */
    private const ONE_SCALE = 0.01;

    public function __construct(
        public Brief $brief,
        public Fretboard $board,
        public Stringing $stringing,
        public Neck $neck,
        public Headstock $head,
        public Joinery $joinery,
        public Bodywork $bodywork,
        public Boxwork $box,
        public Bridgework $bridgework,
        public Electrics $electrics,
        public Finishing $finishing,
    ) {
    }

    /** Where the frets cross the middle between the outer strings. */
    public function frets(): FretTable
    {
        return FretTable::of($this->middleScale(), $this->board->frets);
    }

    /** The scale midway between the outer strings; the scale, where both sides have the same. */
    public function middleScale(): Length
    {
        return $this->board->scaleTreble === null ? $this->board->scale : Length::ofMillimetres(($this->board->scale->mm + $this->board->scaleTreble->mm) / 2);
    }

    /** How the frets fan (CALCULATIONS F1); null where both sides have one scale. */
    public function fan(): ?MultiScale
    {
        $treble = $this->board->scaleTreble;

        return $treble === null || $this->board->scale->mm - $treble->mm < self::ONE_SCALE ? null : MultiScale::of($treble, $this->board->scale, $this->board->squareFret);
    }

    /** Across all that carries the saddles, posts or screws included, in mm. */
    public function bridgeSpan(): float
    {
        return $this->bridgework->bridge === BridgeKind::Single ? $this->stringing->bridgeSpread->mm + $this->bridgework->singleWidth->mm : $this->bridgework->mountingSpan->mm;
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
        $body = $this->isBox()
            ? [$this->bodywork->layers[0]->timber, $this->box->backTimber, $this->box->sideTimber, $this->box->braceTimber, $this->box->bridgePlateTimber]
            : array_map(static fn (Layer $one): Species => $one->timber, $this->bodywork->layers);
        foreach ([$this->neck->neckTimber, $this->board->boardTimber, ...$body] as $timber) {
            $timbers[$timber->name] = $timber;
        }

        return array_values($timbers);
    }

    /** Whether shell is let into its face. */
    public function hasShell(): bool
    {
        return $this->board->markers !== MarkerShape::None && $this->board->markerMaterial === MarkerMaterial::Shell;
    }

    /** Of a flat-top at its deepest, plates included. */
    public function bodyThickness(): Length
    {
        if ($this->isBox()) {
            return $this->box->boxDepthTail;
        }

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
        return ! $this->isBox() && count($this->bodywork->layers) > 1;
    }

    public function isBox(): bool
    {
        return $this->bodywork->body === BodyConstruction::FlatTop;
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

    public function isNylon(): bool
    {
        return $this->stringing->stringMaterial === StringMaterial::Nylon;
    }

    /** Mass per length of a string, in kg/m, where its maker has not stated it (CALCULATIONS S1). */
    public function estimatedMass(Gauge $gauge): float
    {
        return $this->isNylon() ? StringMass::nylon($gauge) : StringMass::of($gauge);
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
            $this->isBox() ? [$this->bodywork->layers[0]->timber->name, $this->box->backTimber->name] : array_map(static fn (Layer $layer): string => $layer->timber->name, $this->bodywork->layers),
        );
        $kind = ($this->brief->hand === Hand::Left ? 'left-handed ' : '').($this->head->headstock->hasPosts() ? '' : 'headless ').($this->fan() === null ? '' : 'multi-scale ').$numbers[$this->brief->strings].'-string'.($this->isNylon() ? ' nylon' : '')
            .($this->brief->type === InstrumentType::Bass ? ' bass' : '');

        return $kind.', '.$this->bodywork->body->words().', '.implode(' and ', $timbers);
    }
}
