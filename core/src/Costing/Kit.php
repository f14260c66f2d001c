<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Instrument\Shape\BodyShape;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
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

    /** Around a flat-top's plates and along its sides, and the bracewood of one top and back as it is split, in mm; house defaults. */
    private const AROUND_MM = 30.0;

    private const BRACEWOOD_MM = [30.0, 130.0, 550.0];

    private const BRIDGE_PLATE_MM = [60.0, 220.0];

    private const NECK_MM = ['width' => 95, 'thickness' => 24, 'headstock' => 200, 'tongue' => 40];

    /** @param  list<KitLine>  $lines */
    private function __construct(public array $lines, private string $currency)
    {
    }

    /** @throws UnknownPrice if the price list lacks something the kit needs */
    public static function for(Specification $specification, PriceList $prices): self
    {
        $lines = [
            ...self::timber($specification, $prices),
            ...self::parts($specification, $prices, supplies: false),
            self::line(PartGroup::Finish, "finish:{$specification->finishing->finish->value}", 1, $prices),
            ...self::parts($specification, $prices, supplies: true),
        ];

        return new self($lines, $prices->currency);
    }

    public function cost(): Money
    {
        return array_reduce(
            $this->lines,
            static fn (Money $sum, KitLine $line): Money => $sum->plus($line->cost()),
            Money::zero($this->currency),
        );
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
            new KitLine(
                PartGroup::NeckTimber, "{$s->neck->neckTimber->name} for the neck", self::rounded($neck),
                $prices->price("timber:{$s->neck->neckTimber->name}"),
            ),
            new KitLine(
                PartGroup::FretboardTimber, "{$s->board->boardTimber->name} fretboard blank", 1,
                $prices->price("board:{$s->board->boardTimber->name}"),
            ),
        ];
        if ($s->isBox()) {
            return [...$lines, ...self::box($s, $prices)];
        }
        [$length, $width] = self::BODY_MM[$s->brief->type->value];
        foreach ($s->bodywork->layers as $index => $layer) {
            $feet = BoardFeet::forFinished(
                $layer->thickness, Length::ofMillimetres($width), Length::ofMillimetres($length), self::WASTE,
            );
            $where = count($s->bodywork->layers) === 1
                ? 'the body'
                : ($index === 0 ? 'the top' : 'layer '.($index + 1));
            $lines[] = new KitLine(
                PartGroup::BodyTimber, "{$layer->timber->name} for {$where}", self::rounded($feet),
                $prices->price("timber:{$layer->timber->name}"),
            );
        }

        return $lines;
    }

    /**
     * Top, back and sides, bracewood and bridge plate.
     *
     * @return list<KitLine>
     */
    private static function box(Specification $s, PriceList $prices): array
    {
        $outline = BodyShape::from($s)->outline;
        $mm = Length::ofMillimetres(...);
        [$long, $wide] = [$mm($outline->along()->length() + self::AROUND_MM), $mm($outline->across()->length() + self::AROUND_MM)];
        $box = $s->box;
        [$thick, $high, $length] = self::BRACEWOOD_MM;
        $pieces = [
            ['the top', $s->bodywork->layers[0]->timber, $s->bodywork->layers[0]->thickness, $wide, $long],
            ['the back', $box->backTimber, $box->backThickness, $wide, $long],
            ['the sides', $box->sideTimber, $box->sideThickness, $mm(2 * max($box->boxDepthTail->mm, $box->boxDepthNeck->mm)), $mm($outline->perimeter() / 2 + self::AROUND_MM)],
            ['the braces', $box->braceTimber, $mm($thick), $mm($high), $mm($length)],
            ['the bridge plate', $box->bridgePlateTimber, $box->bridgePlate, $mm(self::BRIDGE_PLATE_MM[0]), $mm(self::BRIDGE_PLATE_MM[1])],
        ];

        return array_map(static fn (array $one): KitLine => new KitLine(
            PartGroup::BodyTimber, "{$one[1]->name} for {$one[0]}", self::rounded(BoardFeet::forFinished($one[2], $one[3], $one[4], self::WASTE)), $prices->price("timber:{$one[1]->name}"),
        ), $pieces);
    }

    /** @return list<KitLine> what is fitted, or what is used up beside the finish */
    private static function parts(Specification $s, PriceList $prices, bool $supplies): array
    {
        $lines = [];
        foreach (PartKind::cases() as $kind) {
            $quantity = $kind->isSupply() === $supplies ? $kind->quantity($s) : 0;
            if ($quantity > 0) {
                $lines[] = self::line($kind->group(), $kind->value, $quantity, $prices);
            }
        }

        return $lines;
    }

    private static function line(PartGroup $group, string $key, float $quantity, PriceList $prices): KitLine
    {
        $price = $prices->price($key);

        return new KitLine($group, $price->name, $quantity, $price);
    }

    private static function rounded(BoardFeet $feet): float
    {
        return ceil($feet->value * 10) / 10;
    }
}
