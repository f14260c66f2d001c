<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Geometry\FretTable;
use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Fretboard\StringMaterial;
use Regimen\Instrument\Neck\TunerLayout;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** Works out what nobody has said from what was said. The proportions are common practice. */
final class Completion
{
    /** Board beyond the outer strings at the last fret, in mm. */
    private const MARGIN_MM = 3.6;

    /** The pocket ends so far before the board. */
    private const POCKET_SHORT_MM = 6.0;

    /** A slot reaches so far below the tang, in mm, also at the edge where the radius has taken from it. */
    private const SLOT_BELOW_TANG = 0.5;

    private const ROD_BEFORE_END_MM = 4.0;

    /** By so much a single bridge is narrower than the strings are apart, so that equal gaps between thick and thin ones leave room, in mm. */
    private const BESIDE_SINGLE_MM = 1.25;

    /** A board for nylon strings is flat, or nearly so. */
    private const FLAT_MM = 2000.0;

    /** @param  array<string, mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  array<string, mixed>  $values  by field, with null or an empty list for what is missing
     * @return array<string, mixed> the values that are worked out
     */
    public static function complete(array $values): array
    {
        $completion = new self($values);
        $worked = [];
        foreach ($completion->rules() as $key => $rule) {
            if (($completion->values[$key] ?? null) === null || $completion->values[$key] === []) {
                $worked[$key] = $completion->values[$key] = $rule();
            }
        }

        $worked['pickups'] = UsualElectrics::placed(
            $completion->values['pickups'], $completion->middle()->mm, $completion->values['boardLength']->mm,
        );

        return array_filter($worked, static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return array<string, \Closure(): mixed> in an order in which each has what it needs */
    private function rules(): array
    {
        return [
            'nutWidth' => fn (): Length => $this->nutWidth(),
            'boardLength' => fn (): Length => FretTable::of(
                $this->middle(), $this->values['frets'],
            )->last()->plus($this->values['overhang']),
            'radius' => fn (): Length => $this->radius(),
            'radiusEnd' => fn (): Length => $this->values['radius'],
            'markerDepth' => fn (): Length => $this->values['markerThickness'],
            'gauges' => fn (): array => $this->isNylon() ? StringSets::nylon($this->values['strings']) : StringSets::gauges($this->values['type'], $this->values['strings']),
            'tuning' => fn (): array => StringSets::tuning($this->values['type'], $this->values['strings']),
            'bridgeSpread' => fn (): Length => $this->bridgeSpread(),
            'singleWidth' => fn (): Length => Length::ofMillimetres(
                max(4.0, min(40.0, round($this->values['bridgeSpread']->mm / max(1, $this->values['strings'] - 1) - self::BESIDE_SINGLE_MM, 1))),
            ),
            'lastWidth' => fn (): Length => $this->lastWidth(),
            'slotDepth' => fn (): Length => $this->slotDepth(),
            'markerOffset' => fn (): Length => $this->markerOffset(),
            'tuners' => fn (): TunerPlace => $this->values['headstock']->hasPosts() ? TunerPlace::Face : TunerPlace::Bridge,
            'tunerLayout' => fn (): TunerLayout => UsualHeadstock::tunerLayout($this->values),
            'headLength' => fn (): Length => UsualHeadstock::headLength($this->values),
            'heelWidth' => fn (): Length => Length::ofMillimetres($this->widthAt($this->values['boardLength']->mm)),
            'pocketLength' => fn (): Length => $this->pocketLength(),
            'pocketWidth' => fn (): Length => $this->values['heelWidth'],
            'rodLength' => fn (): Length => $this->rodLength(),
            'edgeRadius' => fn (): Length => $this->edgeRadius(),
            'stiffeningRods' => fn (): bool => $this->stiffeningRods(),
            'backTimber' => fn (): Species => UsualBox::back($this->values['layers'] ?? []),
            'sideTimber' => fn (): Species => $this->values['backTimber'],
            'boxDepthTail' => fn (): Length => UsualBox::depthAtTail($this->values['layers'] ?? []),
            'boxDepthNeck' => fn (): Length => UsualBox::depthAtNeck($this->values['boxDepthTail']),
            'bracing' => fn (): BracingPattern => UsualBox::bracing($this->values['braces'] !== [], $this->isNylon()),
            'soundHoleBefore' => fn (): Length => UsualBox::holeBefore($this->middle(), $this->values['boardLength'], $this->values['soundHole']),
            'guideAt' => fn (): Length => Length::ofMillimetres(
                max(8.0, min(35.0, $this->values['firstPost']->mm - 10.0)),
            ),
            'guided' => fn (): int => UsualHeadstock::guided($this->values),
            'pots' => fn (): array => UsualElectrics::pots($this->values['pickups']),
            'switch' => fn (): array => UsualElectrics::positions($this->values['pickups']),
        ];
    }

    /** Midway between the outer strings. */
    private function middle(): Length
    {
        $treble = $this->values['scaleTreble'] ?? null;

        return $treble === null ? $this->values['scale'] : Length::ofMillimetres(($this->values['scale']->mm + $treble->mm) / 2);
    }

    private function isNylon(): bool
    {
        return $this->values['stringMaterial'] === StringMaterial::Nylon;
    }

    private function courses(): int
    {
        return $this->values['type']->isDoubled($this->values['strings'])
            ? intdiv($this->values['strings'], 2)
            : $this->values['strings'];
    }

    private function isBass(): bool
    {
        return $this->values['type'] === InstrumentType::Bass;
    }

    private function nutWidth(): Length
    {
        if ($this->isNylon() && ! $this->isBass()) {
            return Length::ofMillimetres(52.0 + 8.5 * ($this->courses() - 6));
        }
        $doubled = $this->courses() !== $this->values['strings'];
        $mm = $this->isBass()
            ? 38.0 + 7.5 * ($this->courses() - 4)
            : ($this->values['type'] === InstrumentType::FlatTop ? 44.0 : 43.0) + ($this->courses() < 6 ? 5.5 : 6.25)
            * ($this->courses() - 6);

        return Length::ofMillimetres($mm + ($doubled ? 4.0 : 0.0));
    }

    /** The wider the board the flatter, so that its edges keep their timber. */
    private function radius(): Length
    {
        if ($this->isNylon()) {
            return Length::ofMillimetres(self::FLAT_MM);
        }
        $usual = $this->isBass() ? 4 : 6;

        return Length::ofInches(match (true) {
            $this->courses() > $usual + 1 => 20.0,
            $this->courses() > $usual || $this->values['type'] === InstrumentType::FlatTop => 16.0,
            default => 12.0,
        });
    }

    private function lastWidth(): Length
    {
        $share = FretTable::of($this->middle(), $this->values['frets'])->last()->mm / $this->middle()->mm;
        $half = 0.0;
        foreach ($this->values['gauges'] === [] ? [] : [
            $this->values['gauges'][0], $this->values['gauges'][count($this->values['gauges']) - 1],
        ] as $outer) {
            $atNut = $this->values['nutWidth']->mm / 2 - $this->values['nutMargin']->mm - $outer->diameter->mm / 2;
            $half = max(
                $half,
                $atNut + ($this->values['bridgeSpread']->mm / 2 - $atNut) * $share + $outer->diameter->mm / 2,
            );
        }

        return Length::ofMillimetres(ceil(20 * ($half + self::MARGIN_MM)) / 10);
    }

    /** Sawn from the flat it keeps its depth in the middle; at the edge it still takes the tang. */
    private function slotDepth(): Length
    {
        $last = FretTable::of($this->middle(), $this->values['frets'])->last()->mm;
        $lost = max(
            BoardShape::drop($this->values['radius']->mm, $this->values['nutWidth']->mm / 2),
            BoardShape::drop(
                $this->values['radius']->mm + ($this->values['radiusEnd']->mm - $this->values['radius']->mm) * $last
                    / $this->values['boardLength']->mm,
                $this->values['lastWidth']->mm / 2,
            ),
        );

        return Length::ofMillimetres(round($this->values['tangDepth']->mm + self::SLOT_BELOW_TANG + $lost, 2));
    }

    private function widthAt(float $x): float
    {
        $last = FretTable::of($this->middle(), $this->values['frets'])->last()->mm;

        return $this->values['nutWidth']->mm + ($this->values['lastWidth']->mm - $this->values['nutWidth']->mm) * $x
            / $last;
    }

    /** To just before the board's end, so that nothing shows beyond it. */
    private function pocketLength(): Length
    {
        $begins = FretTable::of(
            $this->middle(), $this->values['frets'],
        )->position($this->values['joinFret'])->mm;

        return Length::ofMillimetres(
            max(45.0, min(120.0, floor($this->values['boardLength']->mm - $begins - self::POCKET_SHORT_MM))),
        );
    }

    private function markerOffset(): Length
    {
        return Length::ofMillimetres($this->widthAt($this->middle()->mm / 2) / 4);
    }

    private function bridgeSpread(): Length
    {
        $gap = match (true) {
            $this->isNylon() && ! $this->isBass() => 11.6,
            ! $this->isBass() => $this->values['type'] === InstrumentType::FlatTop ? 10.8 : 10.4,
            $this->courses() <= 4 => 19.0,
            default => 17.5,
        };

        return Length::ofMillimetres($gap * max(1, $this->courses() - 1));
    }

    /** The usual one, or the longest that the board covers. */
    private function rodLength(): Length
    {
        $usual = match ($this->values['type']) {
            InstrumentType::Bass => 600.0,
            InstrumentType::FlatTop => 420.0,
            default => 440.0,
        };

        return Length::ofMillimetres(
            min($usual, 10 * floor(($this->values['boardLength']->mm - self::ROD_BEFORE_END_MM) / 10)),
        );
    }

    /** Within a binding the edge is only eased. */
    private function edgeRadius(): Length
    {
        $binding = $this->values['bodyBinding']->mm;

        return Length::ofMillimetres($binding > 0.0 ? min(3.0, round(0.6 * $binding, 2)) : 3.0);
    }

    /** Many strings pull more than a rod alone holds straight. */
    private function stiffeningRods(): bool
    {
        $least = match ($this->values['type']) {
            InstrumentType::Bass => 6,
            InstrumentType::FlatTop => 8,
            default => 9,
        };

        return $this->values['strings'] >= $least;
    }
}
