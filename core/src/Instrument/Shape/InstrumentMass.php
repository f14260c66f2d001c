<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Timber\Lots;

/** What the instrument will weigh and where it balances (CALCULATIONS T6). */
final readonly class InstrumentMass
{
    private const STEPS = 16;

    /** @param  list<MassPart>  $parts  cavities with less than zero */
    private function __construct(public array $parts)
    {
    }

    public static function from(Specification $s, float $moisture, Lots $lots = new Lots): self
    {
        $body = BodyShape::from($s);

        return new self(
            [...self::body($s, $body, $moisture, $lots), ...self::neck($s, $moisture, $lots), ...self::hardware($s, $body)],
        );
    }

    /** Grams. */
    public function total(): float
    {
        return array_sum(array_map(static fn (MassPart $part): float => $part->grams, $this->parts));
    }

    /** Centre of mass along the strings, mm from the nut. */
    public function centre(): float
    {
        return array_sum(
            array_map(static fn (MassPart $part): float => $part->grams * $part->x, $this->parts),
        ) / max(1e-9, $this->total());
    }

    /** @return list<MassPart> */
    private static function body(Specification $s, BodyShape $body, float $moisture, Lots $lots): array
    {
        $area = $body->outline->area();
        $middle = $body->outline->centroid()->x;
        $parts = [];
        if ($s->bodywork->body === BodyConstruction::FlatTop) {
            return self::box($s, $body, $moisture, $lots);
        }
        $taken = TakenOff::from($s, $body->outline);
        $from = 0.0;
        foreach ($s->bodywork->layers as $number => $layer) {
            $to = $from + $layer->thickness->mm;
            $parts[] = new MassPart(
                "{$layer->timber->name}, {$layer->thickness->inMillimetres()}",
                self::grams($area * $layer->thickness->mm - $taken->between($from, $to), $lots->density("layer.{$number}", $layer->timber, $moisture)),
                $middle,
            );
            $from = $to;
        }
        $last = count($s->bodywork->layers) - 1;
        $core = $lots->density("layer.{$last}", $s->bodywork->layers[$last]->timber, $moisture);
        $take = static fn (string $name, float $volume, float $x): MassPart => new MassPart(
            $name, -self::grams($volume, $core), $x,
        );
        if ($s->isRelieved()) {
            $parts[] = $take(
                'chambers',
                $area * $s->bodywork->chamberShare / 100 * $s->bodywork->chamberDepth->mm,
                $middle,
            );
        }
        $parts[] = $take(
            'neck pocket',
            $s->joinery->pocketLength->mm * $s->joinery->pocketWidth->mm * $s->joinery->pocketDepth->mm,
            $body->begins + $s->joinery->pocketLength->mm / 2,
        );
        foreach ($s->electrics->pickups as $pickup) {
            $parts[] = $take(
                "{$pickup->place} pickup’s cavity",
                $pickup->kind->lengthMm() * ($s->stringing->bridgeSpread->mm + 20) * $pickup->depth->mm,
                $s->board->scale->mm - $pickup->positionMm(),
            );
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $parts[] = $take(
                "{$cavity->kind->words()} cavity", $cavity->length->mm * $cavity->width->mm * $cavity->depth->mm,
                $s->board->scale->mm + $cavity->behind->mm,
            );
        }

        return $parts;
    }

    /**
     * A flat-top's box: a top, and back and sides of the last layer's timber 2.5 mm thick; bracing and linings as half
     * a top.
     *
     * @return list<MassPart>
     */
    private static function box(Specification $s, BodyShape $body, float $moisture, Lots $lots): array
    {
        $layers = $s->bodywork->layers;
        $last = count($layers) - 1;
        $depth = $s->bodyThickness()->mm;
        $area = $body->outline->area();
        $middle = $body->outline->centroid()->x;
        $top = self::grams($area * min(6.0, $layers[0]->thickness->mm), $lots->density('layer.0', $layers[0]->timber, $moisture));

        return [
            new MassPart('top', $top, $middle),
            new MassPart('bracing and linings', $top / 2, $middle),
            new MassPart(
                'back and sides',
                self::grams(
                    ($area + $body->outline->perimeter() * $depth) * 2.5, $lots->density("layer.{$last}", $layers[$last]->timber, $moisture),
                ),
                $middle,
            ),
        ];
    }

    /** @param  float  $density  in kg/m³ */
    private static function grams(float $cubicMillimetres, float $density): float
    {
        return $cubicMillimetres * 1e-9 * $density * 1000;
    }

    /** @return list<MassPart> */
    private static function neck(Specification $s, float $moisture, Lots $lots): array
    {
        $neck = NeckShape::from($s);
        $board = BoardShape::from($s);
        $step = $board->length / self::STEPS;
        $timber = $lots->density('neck', $s->neck->neckTimber, $moisture) * 1e-6;
        $shaft = $moment = $boardVolume = 0.0;
        for ($piece = 0; $piece < self::STEPS; $piece++) {
            $x = ($piece + 0.5) * $step;
            $shaft += $neck->areaAt($x) * $step;
            $moment += $neck->areaAt($x) * $step * $x;
            $boardVolume += $board->widthAt($x) * $step
                * ($board->thickness - $board->dropAt($x, $board->widthAt($x) / 2) / 3);
        }
        $rod = $s->neck->rodLength->mm;
        $head = Polygon::of(HeadstockShape::from($s)->outline());

        return [
            new MassPart('neck', $shaft * $timber, $moment / max(1e-9, $shaft)),
            new MassPart(
                'fretboard', $boardVolume * $lots->density('fretboard', $s->board->boardTimber, $moisture) * 1e-6, $board->length / 2,
            ),
            new MassPart('headstock', $head->area() * $s->head->headThickness->mm * $timber, $head->centroid()->x),
            new MassPart(
                'truss rod', $rod * $s->neck->rodWidth->mm * $s->neck->rodDepth->mm * 0.5 * 7.85e-3,
                $neck->rodEnds()->from + $rod / 2,
            ),
        ];
    }

    /** @return list<MassPart> */
    private static function hardware(Specification $s, BodyShape $body): array
    {
        $parts = [
            new MassPart('bridge', $s->bridgework->bridgeMass, $s->board->scale->mm),
            new MassPart('screws, buttons, knobs', $s->bodywork->otherMass, $body->outline->centroid()->x),
        ];
        foreach (HeadstockShape::from($s)->posts as $post) {
            $parts[] = new MassPart('tuner', $s->head->tunerMass, $post->x);
        }
        foreach ($s->electrics->pickups as $pickup) {
            $parts[] = new MassPart(
                "{$pickup->place} pickup", $s->electrics->pickupMass, $s->board->scale->mm - $pickup->positionMm(),
            );
        }

        return $parts;
    }
}
