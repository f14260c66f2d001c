<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Instrument\Body\BodyConstruction;
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

    /** A flat-top's back and sides are bent and joined from plates; both together are counted as one of their thickness. */
    private const BACK_AND_SIDES_MM = 9.0;

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
        [$length, $width] = self::BODY_MM[$s->brief->type->value];
        foreach ($s->bodywork->layers as $index => $layer) {
            $isBox = $s->bodywork->body === BodyConstruction::FlatTop && $index > 0;
            $thickness = $isBox ? Length::ofMillimetres(self::BACK_AND_SIDES_MM) : $layer->thickness;
            $feet = BoardFeet::forFinished(
                $thickness, Length::ofMillimetres($width), Length::ofMillimetres($length), self::WASTE,
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
