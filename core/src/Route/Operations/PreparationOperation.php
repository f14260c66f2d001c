<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Inspection\Target;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Gate;
use Regimen\Route\Entry\Hold;
use Regimen\Route\Entry\Inspector;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Station;

/**
 * What comes before the first cut: brief, drawing, parts and timber. Figures are common practice without a single
 * source.
 */
enum PreparationOperation: string implements TradeOperation
{
    case Agree = 'brief.agree';
    case Draw = 'design.draw';
    case MakeTemplates = 'design.templates';
    case OrderParts = 'parts.order';
    case MeasureParts = 'parts.measure';
    case SelectTimber = 'parts.timber';

    public function stage(): Stage
    {
        return match ($this) {
            self::Agree => Stage::Brief,
            self::Draw, self::MakeTemplates => Stage::Design,
            self::OrderParts, self::MeasureParts, self::SelectTimber => Stage::Parts,
        };
    }

    public function view(): BenchView
    {
        return BenchView::Whole;
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Agree => self::agree(),
            self::Draw => self::draw(),
            self::MakeTemplates => self::makeTemplates(),
            self::OrderParts => self::orderParts(),
            self::MeasureParts => self::measureParts(),
            self::SelectTimber => self::selectTimber(),
        };
    }

    private static function agree(): Entry
    {
        return new Entry('agree the specification', Skill::Design, [Way::byHand(0, 3)], orders: PartGroup::timber());
    }

    private static function draw(): Entry
    {
        return new Entry('full-size drawing and check', Skill::Design, [Way::byHand(0, 4, Station::DrawingTable)]);
    }

    private static function makeTemplates(): Entry
    {
        return new Entry('templates or machine files', Skill::Design, [Way::byHand(0, 2, Station::DrawingTable)]);
    }

    private static function orderParts(): Entry
    {
        return new Entry('order the parts', Skill::Design, [Way::byHand(0, 1)], orders: self::bought());
    }

    private static function measureParts(): Entry
    {
        return new Entry('measure the parts against the drawing', Skill::Design, [Way::byHand(0, 1)],
            gate: new Gate('every part against the drawing', static fn (): array => [self::seen('every part')]),
            gateOfOne: new Gate('the part against the drawing', static fn (): array => [self::seen('the part')]),
        );
    }

    private static function selectTimber(): Entry
    {
        return new Entry('select timber, read moisture', Skill::Bodies, [Way::byHand(0, 1.5)],
            hold: Hold::of(72, HoldKind::Rest), cautions: [Caution::Lifting],
            gate: new Gate('moisture against the shop’s balance', static fn (Inspector $i): array => [
                $i->around('moisture', 'moisture meter', round($i->workings->balance(), 1), 'moisture', '%'),
            ]),
            needs: PartGroup::timber(),
        );
    }

    /** @return list<PartGroup> all that is not timber and not from the shelf */
    private static function bought(): array
    {
        $other = [...PartGroup::timber(), PartGroup::Consumables];

        return array_values(
            array_filter(PartGroup::cases(), static fn (PartGroup $part): bool => ! in_array($part, $other, true)),
        );
    }

    private static function seen(string $what): Target
    {
        return Target::seen($what, 'caliper, meter', 'against the drawing; write down what differs');
    }
}
