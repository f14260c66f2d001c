<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Geometry\BoardShape;
use Regimen\Geometry\BodyShape;
use Regimen\Geometry\FretWire;
use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\InstrumentType;
use Regimen\Instrument\Specification;
use Regimen\Timber\BoardFeet;
use Regimen\Units\Length;
use Regimen\Units\Money;

/** The timber and parts that a specification calls for, with waste. */
final readonly class Kit
{
    /** Share of bought timber lost to kerf and defects; house default. */
    private const WASTE = 0.25;

    /** Blank around the usual body and headstock, in mm; house defaults. */
    private const BODY_MM = ['guitar' => [510, 350], 'bass' => [560, 370], 'flat-top' => [540, 420]];

    /** A flat-top's back and sides are bent and joined from plates; both together are reckoned as one so thick. */
    private const BACK_AND_SIDES_MM = 9.0;

    private const NECK_MM = ['width' => 95, 'thickness' => 24, 'headstock' => 200, 'tongue' => 40];

    /** @param  list<KitLine>  $lines */
    private function __construct(public array $lines, private string $currency)
    {
    }

    /** @throws UnknownPrice if the price list lacks something the kit needs */
    public static function of(Specification $specification, PriceList $prices): self
    {
        $lines = [
            ...self::timber($specification, $prices),
            ...self::parts($specification, $prices),
            ...self::supplies($specification, $prices),
        ];

        return new self(array_values(array_filter($lines)), $prices->currency);
    }

    public function cost(): Money
    {
        return array_reduce($this->lines, static fn (Money $sum, KitLine $line): Money => $sum->plus($line->cost()), Money::zero($this->currency));
    }

    /** @return list<KitLine> */
    private static function timber(Specification $s, PriceList $prices): array
    {
        $neck = BoardFeet::forFinished(
            Length::ofMillimetres(self::NECK_MM['thickness']),
            Length::ofMillimetres(self::NECK_MM['width']),
            Length::ofMillimetres($s->frets()->last()->mm + self::NECK_MM['headstock'] + self::NECK_MM['tongue']),
            self::WASTE,
        );
        $lines = [
            new KitLine('neck-timber', "{$s->neck->neckTimber->name} for the neck", self::rounded($neck), $prices->price("timber:{$s->neck->neckTimber->name}")),
            new KitLine('fretboard-timber', "{$s->board->boardTimber->name} fretboard blank", 1, $prices->price("board:{$s->board->boardTimber->name}")),
        ];
        [$length, $width] = self::BODY_MM[$s->brief->type->value];
        foreach ($s->bodywork->layers as $index => $layer) {
            $isBox = $s->bodywork->body === BodyConstruction::FlatTop && $index > 0;
            $thickness = $isBox ? Length::ofMillimetres(self::BACK_AND_SIDES_MM) : $layer->thickness;
            $feet = BoardFeet::forFinished($thickness, Length::ofMillimetres($width), Length::ofMillimetres($length), self::WASTE);
            $where = count($s->bodywork->layers) === 1 ? 'the body' : ($index === 0 ? 'the top' : 'layer '.($index + 1));
            $lines[] = new KitLine('body-timber', "{$layer->timber->name} for {$where}", self::rounded($feet), $prices->price("timber:{$layer->timber->name}"));
        }

        return $lines;
    }

    /** @return list<KitLine|null> */
    private static function parts(Specification $s, PriceList $prices): array
    {
        $bass = $s->brief->type === InstrumentType::Bass ? 'bass-' : '';

        return [
            self::part('truss-rod', 'truss-rod', $s->neck->rodLength->mm > 0 ? 1 : 0, $prices),
            self::part('tuners', "{$bass}tuner", $s->brief->strings, $prices),
            self::part('bridge', "{$bass}bridge", 1, $prices),
            self::part('nut', 'nut-blank', 1, $prices),
            self::part('strap-buttons', 'strap-buttons', 1, $prices),
            self::part('neck-screws', 'neck-screws', ! $s->joinery->joint->isGlued() ? 1 : 0, $prices),
            self::part('pickups', "{$bass}pickup", count($s->electrics->pickups), $prices),
            self::part('electronics', 'electronics-set', $s->electrics->pickups === [] ? 0 : 1, $prices),
            self::part('stiffening-rods', 'stiffening-rods', $s->neck->stiffeningRods ? 1 : 0, $prices),
            self::part('binding', 'binding', self::binding($s), $prices),
            self::part('fret-wire', 'fret-wire', FretWire::length($s)->mm / 1000, $prices),
        ];
    }

    /** @return list<KitLine|null> */
    private static function supplies(Specification $s, PriceList $prices): array
    {
        return [
            self::part('finish', "finish:{$s->finishing->finish->value}", 1, $prices),
            self::part('strings', $s->brief->type === InstrumentType::Bass ? 'bass-strings' : 'strings', 1, $prices),
            self::part('consumables', 'consumables', 1, $prices),
        ];
    }

    /** Metres to buy, with a tenth for the joints, rounded up to a tenth. */
    private static function binding(Specification $s): float
    {
        $mm = ($s->board->boardBinding->mm > 0 ? BoardShape::of($s)->binding() : 0.0)
            + ($s->bodywork->bodyBinding->mm > 0 ? BodyShape::of($s)->binding() : 0.0);

        return ceil($mm / 100) / 10;
    }

    /** What is not needed has no price to be asked for. */
    private static function part(string $group, string $key, float $quantity, PriceList $prices): ?KitLine
    {
        if ($quantity <= 0) {
            return null;
        }
        $price = $prices->price($key);

        return new KitLine($group, $price->name, $quantity, $price);
    }

    private static function rounded(BoardFeet $feet): float
    {
        return ceil($feet->value * 10) / 10;
    }
}
