<?php

declare(strict_types=1);

namespace Regimen\Stores;

use Regimen\Figures\Workings;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\CavityKind;
use Regimen\Instrument\Body\Layer;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Instrument\Neck\HeadstockConstruction;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Stores\Cutting\Outline;
use Regimen\Timber\BoardFeet;
use Regimen\Timber\Resawing;
use Regimen\Timber\Species;

/**
 * What an instrument is cut from, as it has to come out of a board: finished sizes with what is left around them. Lengths in mm, along
 * the grain first. What is left around is common practice.
 */
final readonly class Blank
{
    /** Around an outline, to be sawn and routed off. */
    private const AROUND = 10.0;

    /** A thinner slab than this is no cover, ring or veneer any more (common practice). */
    private const LEAST_REST = 5.0;

    /** A cover, and how far it lies on the edge of its cavity (common practice). */
    private const COVER = 3.0;

    private const LIP = 8.0;

    /** At the ends of a neck. */
    private const ENDS = 20.0;

    /**
     * @param  int  $pieces  side by side, of that width each
     * @param  bool  $isSliced  whether they are neighbouring slices of a thicker board, opened like a book
     * @param  int  $layer  of the body, from the top; of a cover its cavity; 0 for everything else
     * @param  Polygon|null  $line  along which it is sawn out where it is one piece
     */
    private function __construct(
        public BlankKind $kind,
        public Species $timber,
        public TimberCut $cut,
        public float $length,
        public float $width,
        public float $thickness,
        public int $pieces,
        public bool $isSliced,
        public int $layer = 0,
        public ?Polygon $line = null,
    ) {
    }

    /** `top.0`: which of an instrument’s blanks it is. */
    public function key(): string
    {
        return "{$this->kind->value}.{$this->layer}";
    }

    /**
     * What is left of the thickness of a board that it is resawn from, beside its planing and the kerf.
     *
     * @return float 0 where that is too thin to be kept
     */
    public function leavesOf(float $thickness): float
    {
        $rest = $thickness - $this->roughThickness() - ($this->isSliced ? 0.0 : Resawing::KERF);

        return $rest >= self::LEAST_REST ? $rest : 0.0;
    }

    /** What is sawn out along a line, with what is left around it. */
    public function outline(): ?Outline
    {
        return $this->line === null ? null : Outline::of($this->line, self::AROUND / 2);
    }

    /** @return list<self> all that one instrument is cut from */
    public static function of(Workings $w): array
    {
        $s = $w->specification;

        return [...self::body($w), self::neck($w), new self(
            BlankKind::Fretboard, $s->board->boardTimber, TimberCut::Quarter, $w->board()->length + self::AROUND,
            max($w->board()->widthAt(0.0), $w->board()->widthAt($w->board()->length)) + self::AROUND / 2, $w->board()->thickness, 1, false,
        ), ...self::small($w)];
    }

    /**
     * The headstock's veneer of the board's timber, covers of the back's (common practice); sliced from what is left over.
     *
     * @return list<self>
     */
    private static function small(Workings $w): array
    {
        $s = $w->specification;
        $small = $s->head->veneer->mm <= 0 ? [] : [new self(
            BlankKind::Veneer, $s->board->boardTimber, TimberCut::Flat, $s->head->headLength->mm + self::AROUND, $w->head()->width() + self::AROUND, $s->head->veneer->mm, 1, true,
        )];
        $back = $s->bodywork->layers[count($s->bodywork->layers) - 1]->timber;
        foreach ($s->bodywork->cavities as $number => $cavity) {
            if ($cavity->kind !== CavityKind::Jack) {
                $small[] = new self(
                    BlankKind::Cover, $back, TimberCut::Flat, $cavity->length->mm + 2 * self::LIP + self::AROUND, $cavity->width->mm + 2 * self::LIP + self::AROUND, self::COVER, 1, true, $number,
                );
            }
        }

        return $small;
    }

    /** How thick a board has to be for it, rough: planed on both faces; slices with kerf and sanding (CALCULATIONS I2). */
    public function roughThickness(): float
    {
        return 2 * BoardFeet::PLANING_MM + ($this->isSliced ? $this->pieces * ($this->thickness + Resawing::SANDING + Resawing::KERF) - Resawing::KERF : $this->thickness);
    }

    private static function neck(Workings $w): self
    {
        $s = $w->specification;
        $end = $s->joinery->joint === NeckJoint::Through ? $w->body()->outline->along()->to : $w->body()->begins + $s->joinery->pocketLength->mm;
        $wide = max($w->head()->width(), $s->joinery->heelWidth->mm);
        $under = max($s->neck->thicknessFirst->mm, $s->neck->thicknessTwelfth->mm, $s->joinery->heelThickness->mm) - $s->board->boardThickness->mm;
        // A headstock that is scarfed on, or flat, comes out of the neck's own thickness (G11 for one that is sawn at its angle).
        $isSawnAtAngle = $w->head()->angle() > 0 && $s->head->headConstruction === HeadstockConstruction::OnePiece;

        return new self(
            BlankKind::Neck, $s->neck->neckTimber, $s->neck->neckCut, $end + $s->head->headLength->mm + self::ENDS, $wide + self::AROUND / 2,
            max($under, $isSawnAtAngle ? $w->head()->stockDepth()->value : $s->head->headThickness->mm), 1, false,
        );
    }

    /** @return list<self> */
    private static function body(Workings $w): array
    {
        $bodywork = $w->specification->bodywork;
        if ($bodywork->body === BodyConstruction::FlatTop) {
            return self::box($w);
        }
        $line = $w->body()->outline;
        $along = $line->along()->length() + self::AROUND;
        $across = $line->across()->length() + self::AROUND;
        $isLayered = count($bodywork->layers) > 1;

        return array_map(static function (Layer $layer, int $number) use ($along, $across, $bodywork, $isLayered, $line): self {
            $isTop = $isLayered && $number === 0;
            $pieces = $isTop ? 2 : max(1, $bodywork->bodyPieces);

            return new self(
                $isTop ? BlankKind::Top : BlankKind::Body, $layer->timber, $bodywork->bodyCut, $along, $across / $pieces, $layer->thickness->mm, $pieces, $isTop,
                $number, $pieces === 1 ? $line : null,
            );
        }, $bodywork->layers, array_keys($bodywork->layers));
    }

    /** @return list<self> top and back of two halves opened like a book, and two sides, all quarter-sawn */
    private static function box(Workings $w): array
    {
        $s = $w->specification;
        $line = $w->body()->outline;
        $along = $line->along()->length() + self::AROUND;
        $half = ($line->across()->length() + self::AROUND) / 2;
        $deep = max($s->box->boxDepthNeck->mm, $s->box->boxDepthTail->mm);

        return [
            new self(BlankKind::Top, $s->bodywork->layers[0]->timber, TimberCut::Quarter, $along, $half, $s->bodywork->layers[0]->thickness->mm, 2, true),
            new self(BlankKind::Back, $s->box->backTimber, TimberCut::Quarter, $along, $half, $s->box->backThickness->mm, 2, true),
            new self(BlankKind::Sides, $s->box->sideTimber, TimberCut::Quarter, $line->perimeter() / 2 + self::AROUND, $deep + self::AROUND, $s->box->sideThickness->mm, 2, true),
        ];
    }
}
