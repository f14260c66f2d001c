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

    /** What clamps one string behind the nut of a headless neck; house convention. */
    private const CLAMP_GRAMS = 8.0;

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
                $s->middleScale()->mm - $pickup->positionMm(),
            );
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $parts[] = $take(
                "{$cavity->kind->words()} cavity", $cavity->length->mm * $cavity->width->mm * $cavity->depth->mm,
                $s->middleScale()->mm + $cavity->behind->mm,
            );
        }

        return $parts;
    }

    /**
     * A flat-top's box: its plates, sides and top braces as they are drawn; linings, blocks, the back's braces and the bridge plate are taken as
     * half the top (house convention).
     *
     * @return list<MassPart>
     */
    private static function box(Specification $s, BodyShape $body, float $moisture, Lots $lots): array
    {
        $shape = BoxShape::from($s);
        $area = $body->outline->area();
        $middle = $body->outline->centroid()->x;
        $top = self::grams($area * min(6.0, $s->bodywork->layers[0]->thickness->mm), $lots->density('layer.0', $s->bodywork->layers[0]->timber, $moisture));
        $depth = ($s->box->boxDepthNeck->mm + $s->box->boxDepthTail->mm) / 2;
        $parts = [
            new MassPart('top', $top, $middle),
            new MassPart('back', self::grams($area * $s->box->backThickness->mm, $lots->density('back', $s->box->backTimber, $moisture)), $middle),
            new MassPart('sides', self::grams($body->outline->perimeter() * $depth * $s->box->sideThickness->mm, $lots->density('sides', $s->box->sideTimber, $moisture)), $middle),
            new MassPart('linings, blocks and the back’s braces', $top / 2, $middle),
        ];
        foreach ($shape->braces as $brace) {
            // A brace is rounded and scalloped: two thirds of its box are left.
            $parts[] = new MassPart($brace->name, self::grams($brace->length() * $brace->width * $brace->height * 2 / 3, $lots->density('braces', $s->box->braceTimber, $moisture)), ($brace->from->x + $brace->to->x) / 2);
        }

        return $parts;
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
            new MassPart('headstock', $head->area() * HeadstockShape::from($s)->thickness() * $timber, $head->centroid()->x),
            new MassPart(
                'truss rod', $s->neck->rods * $rod * $s->neck->rodWidth->mm * $s->neck->rodDepth->mm * 0.5 * 7.85e-3,
                $neck->rodEnds()->from + $rod / 2,
            ),
        ];
    }

    /** @return list<MassPart> */
    private static function hardware(Specification $s, BodyShape $body): array
    {
        $parts = [
            new MassPart('bridge', $s->bridgework->bridgeMass, $s->middleScale()->mm),
            new MassPart('screws, buttons, knobs', $s->bodywork->otherMass, $body->outline->centroid()->x),
        ];
        foreach (HeadstockShape::from($s)->posts as $post) {
            $parts[] = $s->head->headstock->hasPosts() ? new MassPart('tuner', $s->head->tunerMass, $post->x) : new MassPart('headpiece', self::CLAMP_GRAMS, $post->x);
        }
        foreach ($s->electrics->pickups as $pickup) {
            $parts[] = new MassPart(
                "{$pickup->place} pickup", $s->electrics->pickupMass, $s->middleScale()->mm - $pickup->positionMm(),
            );
        }

        return $parts;
    }
}
